import type { BlockPart, CellView, ItemPart, MadeLoad, SessionPart, SetView, Weekday, WeekPart } from '../api/schema'
import { weekdays } from '../text/codes'
import { effort, plain } from '../text/numbers'
import type { SetBar } from '../ui/SetBars'

export type Day = NonNullable<Weekday>

/** Where the focus is: which week from 1, which weekday, which exercise. */
export interface Place {
  week: number
  day: Day
  exercise: string
}

export interface Cell {
  week: WeekPart
  session: SessionPart
  item: ItemPart
}

export function cellAt(block: BlockPart, place: Place): Cell | null {
  const week = block.weeks.find((one) => one.number === place.week)
  const session = week?.sessions.find((one) => one.day === place.day)
  const item = session?.items.find((one) => one.exercise === place.exercise)
  return week && session && item ? { week, session, item } : null
}

export const sessionOn = (week: WeekPart, day: Day): SessionPart | undefined => week.sessions.find((one) => one.day === day)

/** The weekdays of the block in the order of its dates: from the day it starts on. */
export function daysFrom(start: string): Day[] {
  const first = (new Date(`${start}T00:00:00Z`).getUTCDay() + 6) % 7
  return [...weekdays.slice(first), ...weekdays.slice(0, first)]
}

export interface DayRows {
  day: Day
  exercises: readonly string[]
}

/** The rows of the grid: every training day with every exercise that stands on it in some week, in the order of the sessions. */
export function rowsOf(block: BlockPart): DayRows[] {
  return daysFrom(block.start)
    .map((day) => {
      const exercises: string[] = []
      for (const week of block.weeks)
        for (const item of sessionOn(week, day)?.items ?? []) if (!exercises.includes(item.exercise)) exercises.push(item.exercise)
      return { day, exercises }
    })
    .filter((row) => row.exercises.length > 0)
}

/** The cell that an arrow key leads to; the same one at an edge. */
export function move(block: BlockPart, from: Place, key: string): Place {
  const rows = rowsOf(block).flatMap((row) => row.exercises.map((exercise) => ({ day: row.day, exercise })))
  const row = rows.findIndex((one) => one.day === from.day && one.exercise === from.exercise)
  const step = (by: number) => ({ ...from, ...(rows[Math.min(rows.length - 1, Math.max(0, row + by))] ?? {}) })
  switch (key) {
    case 'ArrowDown':
    case 'j':
      return step(1)
    case 'ArrowUp':
    case 'k':
      return step(-1)
    case 'ArrowRight':
      return { ...from, week: Math.min(block.weeks.length, from.week + 1) }
    case 'ArrowLeft':
      return { ...from, week: Math.max(1, from.week - 1) }
    case 'Home':
      return { ...from, week: 1 }
    case 'End':
      return { ...from, week: block.weeks.length }
    default:
      return from
  }
}

/** The first session from today on, as the place to start. */
export function nextPlace(block: BlockPart, today: string): Place | null {
  const all = block.weeks.flatMap((week) => week.sessions.map((session) => ({ week, session })))
  const next = all.find(({ session }) => session.date >= today) ?? all[0]
  const exercise = next?.session.items[0]?.exercise
  return next && exercise ? { week: next.week.number, day: next.session.day as Day, exercise } : null
}

/** The focus that stays on the grid when what it stood on is gone. */
export function held(block: BlockPart, place: Place | null, today: string): Place | null {
  if (!place) return nextPlace(block, today)
  const rows = rowsOf(block)
  const row = rows.find((one) => one.day === place.day)
  if (row?.exercises.includes(place.exercise) && place.week <= block.weeks.length) return place
  const exercise = row?.exercises[0]
  return row && exercise ? { ...place, exercise, week: Math.min(place.week, block.weeks.length) } : nextPlace(block, today)
}

export const cellView = (cells: readonly CellView[], place: Place): CellView | undefined =>
  cells.find((one) => one.week === place.week && one.day === place.day && one.exercise === place.exercise)

export function barsOf(item: ItemPart): SetBar[] {
  const work = item.sets[0]
  const perKg = work?.kg && work.percent ? work.percent / work.kg : null
  return [
    ...item.warmUp.map((set): SetBar => ({ reps: set.reps, percent: perKg ? set.kg * perKg : null, kind: 'ramp' })),
    ...item.sets.map((set): SetBar => ({ reps: set.reps ?? 5, percent: set.percent, kind: 'work', amrap: set.amrap })),
  ]
}

/** The sets of the side that goes first; all of them where both sides work. */
export const ofSide = (item: ItemPart) => item.sets.filter((set) => (set.side ?? null) === (item.sets.at(-1)?.side ?? null))

/** What one set is done for: repetitions, metres or seconds; a plus where it is an AMRAP. */
export function repsInWords(set: ItemPart['sets'][number]): string {
  if (set.metres) return `${set.metres} m`
  if (set.seconds) return `${set.seconds} s`
  return `${set.reps ?? 0}${set.amrap ? '+' : ''}`
}

/** What the sets of a side are done for, whether all for the same, and the plus of an AMRAP. */
export function repsOf(item: ItemPart): { each: string[]; alike: boolean; amrap: string } {
  const work = ofSide(item).map(repsInWords)
  const each = work.map((one) => one.replace('+', ''))
  return { each, alike: each.every((one) => one === each[0]), amrap: work.some((one) => one.endsWith('+')) ? '+' : '' }
}

/** 4 × 5, or 5, 5, 4 where sets differ; one-sided work by the side, carries by metres, holds by seconds. */
export function setsInWords(item: ItemPart): string {
  const side = item.sets[0]?.side ?? null
  const { each, alike, amrap } = repsOf(item)
  const told = alike ? `${each.length} × ${each[0] ?? ''}${amrap}` : ofSide(item).map(repsInWords).join(', ')
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
  return percent === null || percent === undefined ? effort(rpe) : `${plain(percent, 0)} %`
}

export function doneOf(done: readonly SetView[], date: string, exercise: string): readonly SetView[] {
  return done.filter((set) => set.date === date && set.exercise === exercise)
}

/** The load that the plan was made with, where today's maxes ask for another. */
export function loadAsMade(made: readonly MadeLoad[], place: Place): MadeLoad | null {
  return made.find((one) => one.week === place.week && one.day === place.day && one.exercise === place.exercise) ?? null
}
