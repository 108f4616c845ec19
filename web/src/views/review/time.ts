import { shortDate } from '../../text/dates'

const msADay = 86_400_000

/** Days since 1970, for an axis. */
export const dayNumber = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / msADay)

/** A place on the axis as a date. */
export const dayOf = (at: number): string => new Date(at * msADay).toISOString().slice(0, 10)

export const tick = (at: number): string => shortDate(dayOf(at))

const steps = [0.05, 0.1, 0.25, 0.5, 1, 2, 5, 10, 20, 50, 100, 200]

/** Round places for an axis that holds all numbers, about four of them; its first and last are its ends. */
export function places(numbers: readonly number[]): number[] {
  const [low, high] = [Math.min(...numbers), Math.max(...numbers)]
  const step = steps.find((one) => (high - low) / one <= 4) ?? 500
  const first = Math.floor(low / step)
  const last = Math.max(first + 1, Math.ceil(high / step))
  return Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toFixed(2)))
}

/** How axes are drawn. */
export const axis = {
  tick: { fill: 'var(--nz-colors-quiet)', fontSize: 13 },
  stroke: 'var(--nz-colors-edge)',
} as const

/** What happened on days so near to each other that their letters would lie on one another. */
export interface Marked {
  at: number
  text: string
}

// Letters nearer than this part of an axis lie on one another.
const apart = 1 / 25

/** Marks on an axis of so many days, those too near to each other under one letter, at the first one's day. */
export function marked(marks: readonly { date: string; text: string }[], days: number): Marked[] {
  const all: Marked[] = []
  for (const { date, text } of marks) {
    const last = all.at(-1)
    const told = `${shortDate(date)} ${text}`
    if (last && dayNumber(date) - last.at <= days * apart) last.text += `, ${told}`
    else all.push({ at: dayNumber(date), text: told })
  }
  return all
}
