import { codes } from '../api/codes'
import { capital } from './sentence'

/** A code as a reader meets it: hyphens as spaces, first letter large. */
export function words(code: string): string {
  return capital(code.replaceAll('-', ' '))
}

/** What a place in the week is for, as a coach says it. */
export const weekKinds: Readonly<Record<(typeof codes.weekKind)[number], string>> = {
  load: 'Load',
  deload: 'Deload',
  test: 'Test',
  peak: 'Peak',
  event: 'Week of the event',
}

export const purposeNames: Readonly<Record<(typeof codes.purpose)[number], string>> = {
  learn: 'To learn',
  prime: 'To feel',
  event: 'Event',
  main: 'Main lift',
  'weak-point': 'Weak point',
  second: 'Second lift',
  palette: 'Leg work',
  'push-pull': 'Press or pull',
  emphasis: 'Emphasis',
  trunk: 'Trunk',
  support: 'Support',
}

export function options<T extends string>(codes: readonly T[]): { value: T; label: string }[] {
  return codes.map((code) => ({ value: code, label: words(code) }))
}

export const weekdays = codes.weekday
export const weekdayNames: Readonly<Record<string, string>> = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
}
