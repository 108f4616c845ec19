import type { EditSection, ItemPart } from '../../api/schema'
import { kgOf, mass, massUnit, plain, typedNumber } from '../../text/numbers'
import { middleSet, ofSide, type Place, topSet } from '../../parts/grid'

export type FieldKey = 'sets' | 'reps' | 'percent' | 'rpe' | 'kg' | 'restSeconds' | 'tempo'

interface CellField {
  key: FieldKey
  label: () => string
  /** What stands in the cell, as it would be typed. */
  shown: (item: ItemPart) => string
  /** What is written for what was typed. */
  written: (typed: string, item: ItemPart) => Partial<EditSection>
}

const number = (typed: string) => typedNumber(typed) as number

/** What a number that is typed into a cell changes. */
export const fields: readonly CellField[] = [
  { key: 'sets', label: () => 'Sets', shown: (item) => String(ofSide(item).length), written: (typed) => ({ sets: number(typed) }) },
  {
    key: 'reps',
    label: () => 'Reps',
    shown: (item) => String(topSet(item).metres ?? topSet(item).seconds ?? topSet(item).reps ?? ''),
    written: (typed, item) =>
      topSet(item).metres ? { metres: number(typed) } : topSet(item).seconds ? { seconds: number(typed) } : { reps: number(typed) },
  },
  {
    key: 'percent',
    label: () => 'Percent',
    shown: (item) => (middleSet(item).percent ? plain(middleSet(item).percent ?? 0, 1) : ''),
    written: (typed) => ({ percent: number(typed) }),
  },
  {
    key: 'rpe',
    label: () => 'RPE',
    shown: (item) => (middleSet(item).rpe === null ? '' : plain(middleSet(item).rpe ?? 0, 1)),
    written: (typed) => ({ rpe: number(typed) }),
  },
  {
    key: 'kg',
    label: () => massUnit(),
    shown: (item) => (topSet(item).kg ? mass(topSet(item).kg ?? 0) : ''),
    written: (typed) => ({ kg: kgOf(number(typed)) }),
  },
  {
    key: 'restSeconds',
    label: () => 'Rest, s',
    shown: (item) => String(item.sets.at(-1)?.restSeconds ?? ''),
    written: (typed) => ({ restSeconds: number(typed) }),
  },
  { key: 'tempo', label: () => 'Tempo', shown: (item) => topSet(item).tempo ?? '', written: (typed) => ({ tempo: typed.trim() }) },
]

export const fieldOf = (key: FieldKey): CellField => fields.find((field) => field.key === key) ?? fields[0]!

/** The edit that writes into a cell. */
export const write = (place: Place, values: Partial<EditSection>): EditSection => ({
  kind: 'write',
  week: place.week,
  day: place.day,
  exercise: place.exercise,
  ...values,
})
