import type { FloorItem, FloorSet, FloorView, LoadChoice } from '../../api/schema'
import type { Waiting } from '../../offline/outbox'
import type { SetBar } from '../../ui/SetBars'

export interface DoneSet {
  id: string
  kg: number
  reps: number
  rpe: number | null
  /** Kept on this device, not acknowledged by the server yet. */
  unsent: boolean
}

export interface Turn {
  item: number
  place: number
}

/** What was done for a set: by the server's word, or waiting here; a withdrawal that waits takes it away again. */
export function doneFor(item: FloorItem, set: FloorSet, date: string, waiting: readonly Waiting[]): DoneSet | null {
  const takenBack = new Set(waiting.map((entry) => entry.withdraws))
  const here = waiting.find(
    (entry) =>
      entry.set &&
      entry.set.date === date &&
      entry.set.exercise === item.exercise &&
      entry.set.place === set.place &&
      !takenBack.has(entry.id),
  )
  if (here?.set) return { id: here.id, kg: here.set.kg, reps: here.set.reps, rpe: here.set.rpe ?? null, unsent: !here.sent }
  if (set.done && !takenBack.has(set.done.id))
    return { id: set.done.id, kg: set.done.kg, reps: set.done.reps, rpe: set.done.rpe, unsent: false }
  return null
}

/** The session with what stands in for an exercise that cannot be done: by choice here, or because sets of it were logged. */
export function standing(view: FloorView, instead: Readonly<Record<string, string>>, waiting: readonly Waiting[]): FloorView {
  const of = (item: FloorItem) => {
    const chosen = instead[item.exercise]
    if (chosen === item.exercise) return item
    const begun = (other: FloorItem) => other.sets.some((set) => doneFor(other, set, view.date, waiting))
    return item.substitutes.find((other) => (chosen ? other.exercise === chosen : begun(other))) ?? item
  }
  return { ...view, items: view.items.map(of) }
}

/** The first set that is not done, in the order of the session; null when all are. */
export function nextTurn(floor: FloorView, waiting: readonly Waiting[], from = 0): Turn | null {
  for (let i = 0; i < floor.items.length; i++) {
    const at = (from + i) % floor.items.length
    const item = floor.items[at]
    const set = item?.sets.find((s) => !doneFor(item, s, floor.date, waiting))
    if (set) return { item: at, place: set.place }
  }
  return null
}

/** The plates for a load on this exercise's bar. */
export function platesFor(item: FloorItem, set: FloorSet, kg: number): readonly number[] | null {
  if (set.kg === kg) return set.perSide
  return item.loads.find((choice) => choice.kg === kg)?.perSide ?? null
}

/** The next load that can be made, up or down. */
export function stepLoad(loads: readonly LoadChoice[], kg: number, direction: 1 | -1): number {
  const sorted = loads.map((choice) => choice.kg)
  const next = direction > 0 ? sorted.find((load) => load > kg) : sorted.findLast((load) => load < kg)
  return next ?? kg
}

export function floorBars(item: FloorItem, date: string, waiting: readonly Waiting[], current: number): SetBar[] {
  const first = item.sets[0]
  const perKg = first?.kg && first.percent ? first.percent / first.kg : null
  return [
    ...item.warmUp.map((set): SetBar => ({ reps: set.reps, percent: perKg ? set.kg * perKg : null, kind: 'ramp' })),
    ...item.sets.map((set): SetBar => {
      const kind = doneFor(item, set, date, waiting) ? 'work' : set.place === current ? 'now' : 'ahead'
      return { reps: set.reps, percent: set.percent, kind }
    }),
  ]
}
