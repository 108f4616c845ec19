import type { ChosenLine, Pick } from '../../api/schema'
import { same } from '../../text/merge'

const without = (picks: readonly Pick[], ids: readonly string[]) => picks.filter((pick) => !ids.includes(pick.exercise))

/** One exercise in another's place: the old one is taken out, the new one is picked as the server says that it would stand there. */
export function swapped(picks: readonly Pick[], old: ChosenLine, next: string): Pick[] {
  const asRival = old.rivals.find((pick) => pick.exercise === next)
  return [
    ...without(picks, [old.face.exercise, next]),
    { exercise: old.face.exercise, kind: 'banned' },
    asRival ?? { exercise: next, kind: 'accessory' },
  ]
}

export const added = (picks: readonly Pick[], next: string): Pick[] => [...without(picks, [next]), { exercise: next, kind: 'accessory' }]

export const takenOut = (picks: readonly Pick[], exercise: string): Pick[] => [...without(picks, [exercise]), { exercise, kind: 'banned' }]

export const letBack = (picks: readonly Pick[], exercise: string): Pick[] => without(picks, [exercise])

/** What was picked on one list, laid over what somebody else made of that list meanwhile: exercise by exercise, mine where I chose. */
export function laidOver(base: readonly Pick[], mine: readonly Pick[], newer: readonly Pick[]): Pick[] {
  const of = (picks: readonly Pick[], exercise: string) => picks.find((pick) => pick.exercise === exercise)
  const chose = [...new Set([...base, ...mine].map((pick) => pick.exercise))].filter(
    (exercise) => !same(of(base, exercise), of(mine, exercise)),
  )
  return [...without(newer, chose), ...mine.filter((pick) => chose.includes(pick.exercise))]
}

export const pinned = (picks: readonly Pick[], line: ChosenLine): Pick[] => [
  ...without(picks, [line.face.exercise]),
  ...(line.isPicked ? [] : [{ exercise: line.face.exercise, kind: line.pinKind }]),
]
