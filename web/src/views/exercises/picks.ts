import type { ChosenLine, Pick, RankedLine } from '../../api/schema'

const without = (picks: readonly Pick[], ids: readonly string[]) => picks.filter((pick) => !ids.includes(pick.exercise))

const isMain = (line: ChosenLine) => line.role === 'main' || line.role === 'second'

/** One exercise in another's place: the old one is taken out, the new one is picked for the same role. */
export function swapped(picks: readonly Pick[], old: ChosenLine, next: RankedLine): Pick[] {
  const kind = isMain(old) && old.face.pattern === next.face.pattern ? 'main' : 'accessory'
  return [
    ...without(picks, [old.face.exercise, next.face.exercise]),
    { exercise: old.face.exercise, kind: 'banned' },
    { exercise: next.face.exercise, kind },
  ]
}

export const added = (picks: readonly Pick[], next: RankedLine): Pick[] => [
  ...without(picks, [next.face.exercise]),
  { exercise: next.face.exercise, kind: 'accessory' },
]

export const takenOut = (picks: readonly Pick[], exercise: string): Pick[] => [...without(picks, [exercise]), { exercise, kind: 'banned' }]

export const letBack = (picks: readonly Pick[], exercise: string): Pick[] => without(picks, [exercise])

export const pinned = (picks: readonly Pick[], line: ChosenLine): Pick[] => [
  ...without(picks, [line.face.exercise]),
  ...(line.isPicked ? [] : [{ exercise: line.face.exercise, kind: isMain(line) ? 'main' : 'accessory' } as const]),
]

/** Whether another exercise could serve the slot of a chosen one: its pattern, a finding it answers, or a prime mover. */
export function serves(other: RankedLine, slot: ChosenLine): boolean {
  const primes = slot.face.muscles.filter((one) => one.share >= 1).map((one) => one.muscle)
  return (
    other.face.pattern === slot.face.pattern ||
    other.answers.some((answer) => slot.answers.includes(answer)) ||
    other.face.muscles.some((one) => one.share >= 1 && primes.includes(one.muscle))
  )
}
