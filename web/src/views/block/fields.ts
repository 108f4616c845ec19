import type { EditSection, ItemPart, StandsInstead } from '../../api/schema'
import { mass, massUnit, plain } from '../../text/numbers'
import { middleSet, ofSide, type Place, repsOf, topSet } from '../../parts/grid'

export type FieldKey = 'sets' | 'reps' | 'percent' | 'rpe' | 'kg' | 'restSeconds' | 'tempo'

interface CellField {
  key: FieldKey
  label: () => string
  /** What stands in the cell, as it would be typed. */
  shown: (item: ItemPart) => string
}

/** 8, 6+, or 5,5,4 where sets differ. */
function repsShown(item: ItemPart): string {
  const top = topSet(item)
  if (top.metres || top.seconds) return String(top.metres ?? top.seconds)
  const { each, alike, amrap } = repsOf(item)
  return alike ? `${each[0] ?? ''}${amrap}` : each.join(',')
}

/** What a number that is typed into a cell changes. */
export const fields: readonly CellField[] = [
  { key: 'sets', label: () => 'Sets', shown: (item) => String(ofSide(item).length) },
  { key: 'reps', label: () => 'Reps', shown: repsShown },
  {
    key: 'percent',
    label: () => 'Percent',
    shown: (item) => (middleSet(item).percent ? plain(middleSet(item).percent ?? 0, 1) : ''),
  },
  {
    key: 'rpe',
    label: () => 'RPE',
    shown: (item) => (middleSet(item).rpe === null ? '' : plain(middleSet(item).rpe ?? 0, 1)),
  },
  { key: 'kg', label: () => massUnit(), shown: (item) => (topSet(item).kg ? mass(topSet(item).kg ?? 0) : '') },
  { key: 'restSeconds', label: () => 'Rest, s', shown: (item) => String(item.sets.at(-1)?.restSeconds ?? '') },
  { key: 'tempo', label: () => 'Tempo', shown: (item) => topSet(item).tempo ?? '' },
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

const partNames: Record<StandsInstead['part'], (value: number) => string> = {
  load: (kg) => `${mass(kg)} ${massUnit()}`,
  percent: (value) => `${plain(value, 1)} %`,
  rpe: (value) => `RPE ${plain(value, 1)}`,
  reps: (value) => `${value} repetitions`,
}

const because: Record<StandsInstead['why'], (limit: number) => string> = {
  'capped-effort': (limit) => `because RPE ${plain(limit, 1)} is the cap`,
  'capped-load': (limit) => `because ${limit} % of the max is the cap`,
  'fewest-reps': (limit) => `because no set has fewer than ${limit} repetitions until a doctor has cleared it`,
  'over-the-max': () => 'is the most that the max allows at these repetitions',
  kit: () => 'is the nearest that the kit makes',
  'by-effort': () => 'because no load can be made',
}

/** "140 kg asked; 137.5 kg because RPE 7 is the cap". */
export function insteadInWords({ part, asked, stands, why, limit }: StandsInstead): string {
  const told = partNames[part]
  return `${told(asked)} asked; ${stands === null ? 'by effort' : told(stands)} ${because[why](limit ?? 0)}`
}
