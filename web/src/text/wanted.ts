import { measureUnit, plain, toldMeasure } from './numbers'

/** What the server says that a field wants, to be said in the coach's unit. */
export interface Wanted {
  kind: 'number' | 'count' | 'text' | 'date'
  least?: number | null
  most?: number | null
  unit?: string | null
  asked?: number | null
}

/** Units by which numbers are told; a count, a score and the like say what they are by the field's label. */
const units: Readonly<Record<string, { tell: (value: number) => string; word: () => string }>> = {
  kilograms: { tell: (kg) => toldMeasure('mass', String(kg)), word: () => ` ${measureUnit('mass')}` },
  centimetres: { tell: (cm) => toldMeasure('length', String(cm)), word: () => ` ${measureUnit('length')}` },
  minutes: { tell: plain, word: () => ' minutes' },
  seconds: { tell: plain, word: () => ' seconds' },
  metres: { tell: plain, word: () => ' metres' },
  years: { tell: plain, word: () => ' years' },
  weeks: { tell: plain, word: () => ' weeks' },
  degrees: { tell: plain, word: () => ' degrees' },
  percent: { tell: plain, word: () => ' %' },
}

/** "453 lb is not between 55.1 and 661.4 lb." */
export function wantedInWords({ kind, least, most, unit, asked }: Wanted): string {
  if (kind === 'text') return 'Cannot be empty.'
  if (kind === 'date') return 'A date is wanted: day, month and year.'
  if (kind === 'count')
    return (asked ?? 0) < (least ?? 0)
      ? `At least ${least ?? 1} ${(least ?? 1) === 1 ? 'is' : 'are'} wanted; ${asked ? `only ${asked}` : 'none'} chosen.`
      : `${asked ?? ''} are too many; at most ${most ?? ''}.`
  const { tell, word } = units[unit ?? ''] ?? { tell: plain, word: () => '' }
  const range = `${tell(least ?? 0)} and ${tell(most ?? 0)}${word()}`
  if (asked === null || asked === undefined) return `A number between ${range} is wanted.`
  return asked < (least ?? 0) || asked > (most ?? 0)
    ? `${tell(asked)} is not between ${range}.`
    : `${tell(asked)} is not whole; a whole number between ${range} is wanted.`
}
