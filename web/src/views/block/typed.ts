import { limits } from '../../api/limits'
import type { EditSection, ItemPart } from '../../api/schema'
import { kgOf, mass, massWord, typedNumber } from '../../text/numbers'
import { topSet } from '../../parts/grid'
import type { FieldKey } from './fields'

/** What a cell makes of what was typed: values to write, or why they are not taken, with the range. */
export type Typed = { values: Partial<EditSection> } | { refused: string }

type Numbered = 'sets' | 'reps' | 'eachReps' | 'percent' | 'rpe' | 'kg' | 'restSeconds' | 'metres' | 'seconds'

const ranges = limits.editSection
const whole = /^\d+$/
const decimal = /^\d+([.,]\d+)?$/

const words: Record<Exclude<Numbered, 'kg' | 'rpe'>, string> = {
  sets: 'sets',
  reps: 'repetitions',
  eachReps: 'repetitions',
  percent: 'percent',
  restSeconds: 'seconds of rest',
  metres: 'metres',
  seconds: 'seconds',
}

function rangeOf(key: Numbered): string {
  const { least, most } = ranges[key]
  if (key === 'kg') return `${mass(least)} to ${mass(most, 0)} ${massWord()}`
  return key === 'rpe' ? `RPE ${least} to ${most}` : `${least} to ${most} ${words[key]}`
}

/** "'abc' is not taken. Type 1 to 12 sets." */
const no = (typed: string, key: Numbered, also = ''): Typed => ({ refused: `'${typed.trim()}' is not taken. Type ${rangeOf(key)}${also}.` })

const isIn = (key: Numbered, value: number): boolean => value >= ranges[key].least && value <= ranges[key].most

function one(typed: string, key: Numbered, values: (value: number) => Partial<EditSection>, also = ''): Typed {
  const isWhole = key !== 'percent' && key !== 'rpe' && key !== 'kg'
  if (!(isWhole ? whole : decimal).test(typed.trim())) return no(typed, key, also)
  const number = typedNumber(typed) ?? 0
  const value = key === 'kg' ? kgOf(number) : number
  return isIn(key, value) ? { values: values(value) } : no(typed, key, also)
}

/** 8, 8+, or 5,5,4 set by set. */
function reps(typed: string): Typed {
  const also = ', 5,5,4 for each set, or 6+ for as many as there are'
  const list = typed.trim().split(/\s*[,/]\s*|\s+/)
  if (list.length > 1) {
    if (!list.every((each) => whole.test(each) && isIn('reps', Number(each))) || !isIn('sets', list.length))
      return no(typed, 'eachReps', also)
    return { values: { eachReps: list.map(Number) } }
  }
  const goesOn = typed.trim().endsWith('+')
  return one(goesOn ? typed.trim().slice(0, -1) : typed, 'reps', (value) => ({ reps: value, ...(goesOn && { last: 'amrap' }) }), also)
}

/** 3x8@7: sets, repetitions and effort at once; parts of it may be left out, but for one of the signs. */
function together(typed: string): Typed | null {
  const parts = /^\s*(?:(\d+)\s*[x×]\s*)?([\d,/+]+)?\s*(?:@\s*(\d+(?:[.,]\d+)?))?\s*$/i.exec(typed)
  if (!parts || !/[x×@]/i.test(typed) || (!parts[1] && !parts[3])) return null
  const read: Typed[] = [
    ...(parts[1] ? [one(parts[1], 'sets', (sets) => ({ sets }))] : []),
    ...(parts[2] ? [reps(parts[2])] : []),
    ...(parts[3] ? [one(parts[3], 'rpe', (rpe) => ({ rpe }))] : []),
  ]
  const refused = read.find((part) => 'refused' in part)
  return refused ?? { values: Object.assign({}, ...read.map((part) => ('values' in part ? part.values : {}))) as Partial<EditSection> }
}

/** 150, or 2:30. */
function rest(typed: string): Typed {
  const clock = /^\s*(\d{1,2}):([0-5]\d)\s*$/.exec(typed)
  return one(
    clock ? String(Number(clock[1]) * 60 + Number(clock[2])) : typed.replace(/\s*s(ec)?$/i, ''),
    'restSeconds',
    (restSeconds) => ({ restSeconds }),
    ', or 2:30',
  )
}

/** 3-1-1-0, 3110 or 31X0. */
function tempo(typed: string): Typed {
  const parts = /^\s*(\d|x)\s*-?\s*(\d|x)\s*-?\s*(\d|x)\s*-?\s*(\d|x)\s*$/i.exec(typed)
  return parts
    ? { values: { tempo: parts.slice(1, 5).join('-').toUpperCase() } }
    : { refused: `'${typed.trim()}' is not taken. Type four numbers such as 3110 or 3-1-1-0, X for as fast as possible.` }
}

/** 60, or 2-30 for two pieces of 30. */
function load(typed: string, item: ItemPart): Typed {
  const pieces = /^\s*2\s*[-x×]\s*(\d+(?:[.,]\d+)?)\s*$/i.exec(typed)
  const pair = (topSet(item).count ?? 1) === 2
  const also = pair ? ', the two together, or 2-20 for two of 20' : ''
  if (pieces?.[1] && !pair) return no(typed, 'kg', '; it is not done with two pieces')
  return one(pieces?.[1] ? String(2 * (typedNumber(pieces[1]) ?? 0)) : typed.replace(/\s*(kg|lb)$/i, ''), 'kg', (kg) => ({ kg }), also)
}

/** Reads what a coach types into a cell. */
export function readTyped(typed: string, field: FieldKey, item: ItemPart): Typed {
  const set = topSet(item)
  const counts = !set.metres && !set.seconds
  if (counts && field !== 'kg' && field !== 'tempo') {
    const all = together(typed)
    if (all) return all
  }
  switch (field) {
    case 'sets':
      return one(typed, 'sets', (sets) => ({ sets }))
    case 'reps':
      return set.metres
        ? one(typed.replace(/\s*m$/i, ''), 'metres', (metres) => ({ metres }))
        : set.seconds
          ? one(typed.replace(/\s*s$/i, ''), 'seconds', (seconds) => ({ seconds }))
          : reps(typed)
    case 'percent':
      return one(typed.replace(/\s*%$/, ''), 'percent', (percent) => ({ percent }))
    case 'rpe':
      return one(typed.replace(/^\s*(rpe|@)\s*/i, ''), 'rpe', (rpe) => ({ rpe }))
    case 'kg':
      return load(typed, item)
    case 'restSeconds':
      return rest(typed)
    case 'tempo':
      return tempo(typed)
  }
}
