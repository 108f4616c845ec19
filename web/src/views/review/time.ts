import { shortDate } from '../../text/dates'

const msADay = 86_400_000

/** Days since 1970, for an axis. */
export const dayNumber = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / msADay)

/** A place on the axis as a date. */
export const dayOf = (at: number): string => new Date(at * msADay).toISOString().slice(0, 10)

export const tick = (at: number): string => shortDate(dayOf(at))

/** How axes are drawn. */
export const axis = {
  tick: { fill: 'var(--nz-colors-quiet)', fontSize: 13 },
  stroke: 'var(--nz-colors-edge)',
} as const
