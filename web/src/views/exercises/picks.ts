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
