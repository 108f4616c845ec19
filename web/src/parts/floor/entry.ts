import type { FloorItem, FloorSet, LogSet, PainRegion, SetWord } from '../../api/schema'
import type { DoneSet } from './session'

/** What is put down for the set at hand; kept on this device until the set is logged. */
export interface Entry {
  kg: number | null
  reps: number | null
  seconds: number | null
  metres: number | null
  heightCm: number | null
  cleanReps: number | null
  band: string | null
  /** Of an AMRAP: how many the lifter said were left at the prescribed repetition. */
  left: number | null
  /** When the clock was started, by this device's own time; null while it stands. */
  startedAt: number | null
  heldTo: number | null
  pain: number | null
  painAt: PainRegion | null
  note: string
}

/** What is said of a set by the key that logs it. */
export interface Said {
  rpe?: number | null
  word?: SetWord
  cleanReps?: number
}

const nothing: Entry = {
  kg: null,
  reps: null,
  seconds: null,
  metres: null,
  heightCm: null,
  cleanReps: null,
  band: null,
  left: null,
  startedAt: null,
  heldTo: null,
  pain: null,
  painAt: null,
  note: '',
}

/** What is asked, put down as it was planned; of the second side what the first did. */
export function entryFor(item: FloorItem, set: FloorSet, otherSide: DoneSet | null): Entry {
  return {
    ...nothing,
    kg: set.asks.includes('load') ? set.kg : null,
    reps: set.asks.includes('reps') ? (otherSide?.reps ?? set.reps) : null,
    seconds: otherSide?.seconds ?? set.seconds,
    metres: set.way,
    band: item.bands.length === 1 ? (item.bands[0] ?? null) : null,
  }
}

/** What was done, put down to be corrected. */
export const entryOf = (done: DoneSet): Entry => ({
  ...nothing,
  kg: done.kg,
  reps: done.reps,
  seconds: done.seconds,
  metres: done.metres,
  heightCm: done.heightCm,
  cleanReps: done.cleanReps,
  band: done.band,
  left: done.left,
  heldTo: done.heldTo,
  pain: done.pain,
  painAt: done.painAt,
  note: done.note ?? '',
})

/** The set as it is sent: what it is not counted in is left out. */
export function loggedAs(entry: Entry, item: FloorItem, set: FloorSet, date: string, said: Said): Omit<LogSet, 'id'> {
  const kg = entry.kg !== null && entry.kg > 0 ? entry.kg : null
  const all: Omit<LogSet, 'id'> = {
    date,
    exercise: item.exercise,
    place: set.place,
    side: set.side,
    kg,
    reps: entry.reps,
    rpe: said.rpe,
    amrap: set.amrap || null,
    rirSaidAt: set.amrap && entry.left !== null ? { rep: set.reps, rir: entry.left } : null,
    // A clock that runs tells what was held, or how long the way took.
    seconds: stopped(entry, Date.now()).seconds,
    metres: entry.metres,
    heightCm: entry.heightCm,
    cleanReps: said.cleanReps ?? entry.cleanReps,
    word: said.word,
    band: entry.band,
    implements:
      set.implements.length > 0 ? set.implements.map(({ exercise, kg: heavy }) => ({ exercise, kg: heavy, metres: set.metres })) : null,
    techniqueHeldTo: entry.heldTo,
    pain: entry.pain,
    painAt: entry.pain === null ? null : entry.painAt,
    note: entry.note.trim() === '' ? null : entry.note,
  }
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== null && value !== undefined)) as typeof all
}

/** What the clock shows, seconds. */
export const elapsed = (entry: Entry, now: number): number =>
  entry.startedAt === null ? (entry.seconds ?? 0) : (now - entry.startedAt) / 1000

type Clocked = Pick<Entry, 'startedAt' | 'seconds'>

/** With the clock stopped: whole seconds, at least one where it ran. */
const stopped = (entry: Entry, now: number): Clocked =>
  entry.startedAt === null ? entry : { startedAt: null, seconds: Math.max(1, Math.round(elapsed(entry, now))) }

/** With the clock started, or stopped where it runs. */
export const clockPressed = (entry: Entry, now: number): Clocked =>
  entry.startedAt === null ? { startedAt: now, seconds: entry.seconds } : stopped(entry, now)
