/** A number as it is read: no trailing zeros, at most this many decimals. */
export function plain(value: number, decimals = 2): string {
  return String(Number(value.toFixed(decimals)))
}

/** 1:30 */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

/** Kilograms and centimetres inside; a coach can read and enter pounds and inches. Kept on this device. */
export type Units = 'kg' | 'lb'

const place = 'nerezza.units'
const kgPerLb = 0.45359237
const cmPerInch = 2.54

const chosen = () => localStorage.getItem(place) as Units | null
let units: Units = chosen() === 'lb' ? 'lb' : 'kg'

export const currentUnits = (): Units => units

export function keepUnits(next: Units): void {
  units = next
  localStorage.setItem(place, next)
}

/** Takes the practice's units where nothing was chosen on this device; says which are in force. */
export function takeUnits(ofPractice: Units): Units {
  units = chosen() ?? ofPractice
  return units
}

/** The unit of masses, as it stands beside a number. */
export const massUnit = (): Units => units
export const massWord = (): string => (units === 'lb' ? 'pounds' : 'kilograms')
export const lengthUnit = (): string => (units === 'lb' ? 'in' : 'cm')

/** A mass in the coach's unit; pounds that were entered whole read as whole again. */
export function mass(kg: number, decimals = 2): string {
  return units === 'lb' ? plain(kg / kgPerLb, Math.min(decimals, 1)) : plain(kg, decimals)
}

/** What was typed in the coach's unit, in kilograms to the gram. */
export const kgOf = (typed: number, unit: Units = units): number => (unit === 'lb' ? Number((typed * kgPerLb).toFixed(3)) : typed)

export function length(cm: number, decimals = 1): string {
  return plain(units === 'lb' ? cm / cmPerInch : cm, decimals)
}

export const cmOf = (typed: number): number => (units === 'lb' ? Number((typed * cmPerInch).toFixed(2)) : typed)

/** A number where it reads as one, else the text itself: the server then says what it expects, at this field. */
export function typedNumber(value: string): number | null {
  const trimmed = value.trim().replace(',', '.')
  if (trimmed === '') return null
  const number = Number(trimmed)
  return Number.isNaN(number) ? (trimmed as unknown as number) : number
}

/** What a measure is: one mass, one length, or a list of masses. */
export type Measure = 'mass' | 'length' | 'masses'

const masses = { tell: (kg: number) => mass(kg, 3), read: (typed: number) => kgOf(typed), unit: massUnit }
const measures = { mass: masses, masses, length: { tell: (cm: number) => length(cm, 2), read: cmOf, unit: lengthUnit } }

/** The unit in which a measure is told. */
export const measureUnit = (measure: Measure): string => measures[measure].unit()

const converted = (measure: Measure, text: string, by: (value: number) => string): string => {
  const one = (part: string) => {
    const number = typedNumber(part)
    return typeof number === 'number' ? by(number) : part
  }
  return measure === 'masses'
    ? text
        .split(/[\s,;]+/)
        .filter(Boolean)
        .map(one)
        .join(', ')
    : one(text)
}

/** A measure held in kilograms or centimetres, in the coach's unit; what is no number stays as it is. */
export const toldMeasure = (measure: Measure, held: string): string => converted(measure, held, measures[measure].tell)

/** A measure typed in the coach's unit, in kilograms or centimetres; what is no number stays as it is. */
export const readMeasure = (measure: Measure, typed: string): string =>
  converted(measure, typed, (value) => String(measures[measure].read(value)))

/** Effort as it is read: under RPE 5 nobody can rate, and the word stands in its place. */
export const effort = (rpe: number | null | undefined): string => (rpe === null || rpe === undefined ? 'easy' : `RPE ${plain(rpe, 1)}`)

/** By how much a client's ratings are corrected, and from what that is known. */
export function biasInWords(bias: { reps: number; from: readonly string[] }, name: (exercise: string) => string): string {
  const count = Math.abs(bias.reps)
  const much = `${plain(count, 1)} ${count === 1 ? 'repetition' : 'repetitions'} ${bias.reps < 0 ? 'fewer' : 'more'}`
  return `Ratings are corrected: ${much} in reserve than said, as sets of ${bias.from.map(name).join(', ')} to the last repetition showed.`
}
