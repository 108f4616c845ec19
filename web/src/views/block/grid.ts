import type { BlockPart, ItemPart, PlanDocument, SessionPart, SetView, WeekPart } from '../../api/schema'
import { plain } from '../../text/numbers'
import type { TapeSet } from '../../ui/Tape'

/** Where the focus is: which session of the week, which exercise in it, which week. */
export interface Place {
  session: number
  item: number
  week: number
}

export interface Cell {
  week: WeekPart
  session: SessionPart
  item: ItemPart
}

export function cellAt(block: BlockPart, place: Place): Cell | null {
  const week = block.weeks[place.week]
  const session = week?.sessions[place.session]
  const item = session?.items[place.item]
  return week && session && item ? { week, session, item } : null
}

/** Every row of the grid: the sessions of week 1 with their exercises. */
export function rowsOf(block: BlockPart): { session: number; item: number }[] {
  return (block.weeks[0]?.sessions ?? []).flatMap((session, s) => session.items.map((_, i) => ({ session: s, item: i })))
}

/** The cell that an arrow key leads to; the same one at an edge. */
export function move(block: BlockPart, from: Place, key: string): Place {
  const rows = rowsOf(block)
  const row = rows.findIndex((r) => r.session === from.session && r.item === from.item)
  const step = (by: number) => ({ ...(rows[Math.min(rows.length - 1, Math.max(0, row + by))] ?? from), week: from.week })
  switch (key) {
    case 'ArrowDown':
    case 'j':
      return step(1)
    case 'ArrowUp':
    case 'k':
      return step(-1)
    case 'ArrowRight':
      return { ...from, week: Math.min(block.weeks.length - 1, from.week + 1) }
    case 'ArrowLeft':
      return { ...from, week: Math.max(0, from.week - 1) }
    case 'Home':
      return { ...from, week: 0 }
    case 'End':
      return { ...from, week: block.weeks.length - 1 }
    default:
      return from
  }
}

/** The first session from today on, as the place to start. */
export function nextPlace(block: BlockPart, today: string): Place {
  for (const [week, part] of block.weeks.entries()) {
    const session = part.sessions.findIndex((s) => s.date >= today)
    if (session >= 0) return { week, session, item: 0 }
  }
  return { week: 0, session: 0, item: 0 }
}

export function tapeOf(item: ItemPart): TapeSet[] {
  const work = item.sets[0]
  const perKg = work?.kg && work.percent ? work.percent / work.kg : null
  return [
    ...item.warmUp.map((set): TapeSet => ({ reps: set.reps, percent: perKg ? set.kg * perKg : null, kind: 'ramp' })),
    ...item.sets.map((set): TapeSet => ({ reps: set.reps ?? 5, percent: set.percent, kind: 'work', amrap: set.amrap })),
  ]
}

/** 4 × 5, or 5, 5, 4 where sets differ; one-sided work by the side, carries by metres. */
export function setsInWords(item: ItemPart): string {
  const side = item.sets[0]?.side ?? null
  const ofSide = item.sets.filter((set) => (set.side ?? null) === side)
  const work = ofSide.map((set) => (set.metres ? `${set.metres} m` : `${set.reps ?? 0}`))
  const told = work.every((one) => one === work[0]) ? `${work.length} × ${work[0] ?? ''}` : work.join(', ')
  return side ? `${told} a side` : told
}

/** The set that stands for the exercise: the heaviest, the first of these. */
export function topSet(item: ItemPart) {
  return item.sets.reduce((top, set) => ((set.kg ?? 0) > (top.kg ?? 0) ? set : top))
}

/** The set whose effort the percentage stands for: the middle one of straight sets, else the heaviest. */
export function middleSet(item: ItemPart) {
  const straight = item.sets.every((set) => set.kg === item.sets[0]?.kg)
  return (straight ? item.sets[Math.floor(item.sets.length / 2)] : undefined) ?? topSet(item)
}

export function percentInWords(percent: number | null | undefined, rpe: number | null | undefined): string {
  return percent === null || percent === undefined ? `RPE ${rpe ?? ''}` : `${plain(percent, 0)} %`
}

export function doneOf(done: readonly SetView[], date: string, exercise: string): readonly SetView[] {
  return done.filter((set) => set.date === date && set.exercise === exercise)
}

/** The load that the plan was made with, where today's maxes ask for another. */
export function loadAsMade(asMade: PlanDocument, place: Place): number | null {
  if (!asMade.block) return null
  const cell = cellAt(asMade.block, place)
  return cell ? (topSet(cell.item).kg ?? null) : null
}
