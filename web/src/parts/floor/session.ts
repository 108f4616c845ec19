import type { FloorItem, FloorSet, FloorView, HealthFlag, LoadChoice, LogSet, PainRegion, SetView, SetWord } from '../../api/schema'
import type { Waiting } from '../../offline/outbox'
import type { SetBar } from '../../ui/SetBars'

/** A set as it was done. */
export interface DoneSet {
  id: string
  kg: number | null
  reps: number | null
  rpe: number | null
  seconds: number | null
  metres: number | null
  heightCm: number | null
  cleanReps: number | null
  word: SetWord | null
  band: string | null
  left: number | null
  heldTo: number | null
  pain: number | null
  painAt: PainRegion | null
  note: string | null
  /** Kept on this device, not acknowledged by the server yet. */
  unsent: boolean
  /** When it was logged, milliseconds. */
  at: number
}

export interface Turn {
  item: number
  place: number
}

/** What was done for a set: by the server's word, or waiting here; a withdrawal that waits takes it away again. */
export function doneFor(item: FloorItem, set: FloorSet, date: string, waiting: readonly Waiting[]): DoneSet | null {
  const takenBack = new Set(waiting.map((entry) => entry.withdraws))
  const here = waiting.findLast(
    (entry) =>
      entry.set &&
      entry.set.date === date &&
      entry.set.exercise === item.exercise &&
      entry.set.place === set.place &&
      !takenBack.has(entry.id),
  )
  if (here?.set) return doneSet(here.id, here.set, here.madeAt, !here.sent)
  if (set.done && !takenBack.has(set.done.id)) return doneSet(set.done.id, set.done, Date.parse(set.done.loggedAt), false)
  return null
}

const doneSet = (id: string, set: LogSet | SetView, at: number, unsent: boolean): DoneSet => ({
  id,
  kg: set.kg ?? null,
  reps: set.reps ?? null,
  rpe: set.rpe ?? null,
  seconds: set.seconds ?? null,
  metres: set.metres ?? null,
  heightCm: set.heightCm ?? null,
  cleanReps: set.cleanReps ?? null,
  word: set.word ?? null,
  band: set.band ?? null,
  left: set.rirSaidAt?.rir ?? null,
  heldTo: set.techniqueHeldTo ?? null,
  pain: set.pain ?? null,
  painAt: set.painAt ?? null,
  note: set.note ?? null,
  unsent,
  at,
})

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

/** How the client came in: what was said here and is on its way, or by the server's word; null where nobody asked. */
export const readinessOf = (view: FloorView, waiting: readonly Waiting[]): FloorView['readiness'] =>
  waiting.findLast((entry) => entry.readiness?.date === view.date)?.readiness ?? view.readiness

/** What ends a session: by the server's word, or a sign that was noted here and is on its way. */
export function stopOf(view: FloorView, waiting: readonly Waiting[], seen: HealthFlag | null): string | null {
  const sign = seen ?? waiting.findLast((entry) => entry.warning)?.warning?.sign
  return view.stop ?? view.warnings.find((one) => one.sign === sign)?.stop ?? null
}

/** Where what was chosen for a session on this device is kept: what stands in, warm-ups ticked, what was ended or left out. */
export function draftsOf({ clientId, date }: FloorView) {
  const place = `${clientId}.${date}`
  return { instead: `floor.instead.${place}`, warmed: `floor.warmed.${place}`, ended: `floor.ended.${place}` }
}

/** The exercises that are over: ended or taken up again here, else those that are left out today. */
export const overOf = (view: FloorView, ended: Readonly<Record<string, boolean>>, out: readonly string[]): readonly string[] =>
  view.items.map((item) => item.exercise).filter((exercise) => ended[exercise] ?? out.includes(exercise))

/** How much a set asks for, in what it is counted in. */
export const howMuch = (set: FloorSet): string => (set.way ? `${set.way} m` : set.seconds ? `${set.seconds} s` : `${set.reps}`)

/** Whether a set of the session was done, or a warm-up ticked. */
export const isBegun = (view: FloorView, warmed: Readonly<Record<string, number>>, waiting: readonly Waiting[]): boolean =>
  Object.values(warmed).some((count) => count > 0) ||
  view.items.some((item) =>
    [item, ...item.substitutes].some((one) => one.sets.some((set) => doneFor(one, set, view.date, waiting) !== null)),
  )

/** Sets that are still to do, in the order of the session; what was ended early has none. */
export function setsLeft(floor: FloorView, waiting: readonly Waiting[], ended: readonly string[] = []): Turn[] {
  const isLeft = ({ item: at, place }: Turn) => {
    const item = floor.items[at]
    const set = item?.sets[place]
    return item && set && !ended.includes(item.exercise) && !doneFor(item, set, floor.date, waiting)
  }
  return floor.order.filter(isLeft)
}

/** The next set: of the exercise that is asked for, or of its partners in a superset, while they have one; else the first that is left;
 * null when all are done. */
export function nextTurn(
  floor: FloorView,
  waiting: readonly Waiting[],
  asked: number | null = null,
  ended: readonly string[] = [],
): Turn | null {
  const left = setsLeft(floor, waiting, ended)
  const letter = asked === null ? null : floor.items[asked]?.superset
  const isAsked = ({ item }: Turn) => item === asked || (letter && floor.items[item]?.superset === letter)
  return left.find(isAsked) ?? left[0] ?? null
}

/** Whether a rest follows a set: not between the partners of a superset, which are done in turn and rested from together. */
export function restsAfter(floor: FloorView, turn: Turn): boolean {
  const next = floor.order[floor.order.findIndex((one) => one.item === turn.item && one.place === turn.place) + 1]
  const letter = floor.items[turn.item]?.superset
  return !next || !letter || floor.items[next.item]?.superset !== letter || next.item <= turn.item
}

/** How long what is left takes, seconds: each exercise by its part that is left. */
export const secondsLeft = (floor: FloorView, left: readonly Turn[]): number =>
  left.reduce((sum, { item }) => sum + (floor.items[item]?.seconds ?? 0) / Math.max(1, floor.items[item]?.sets.length ?? 1), 0)

/** What was done with the other side of this set; null where it has no other, or that is not done yet. */
export function otherSideOf(
  item: FloorItem,
  set: FloorSet,
  date: string,
  waiting: readonly Waiting[],
): { set: FloorSet; done: DoneSet | null } | null {
  if (!set.side) return null
  const round = item.sets.filter((one) => one.side === set.side).indexOf(set)
  const other = item.sets.filter((one) => one.side && one.side !== set.side)[round]
  return other ? { set: other, done: doneFor(item, other, date, waiting) } : null
}

/** The plates for a load on this exercise's bar. */
export function platesFor(item: FloorItem, set: FloorSet, kg: number | null): readonly number[] | null {
  if (kg === null) return null
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
