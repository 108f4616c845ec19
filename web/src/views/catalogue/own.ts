import { codes } from '../../api/codes'
import { typedNumber } from '../../text/numbers'
import type { Conflict, ExerciseDocument, HardestAt, Implement, LoadSource, MuscleLength, Pattern, Position, Share } from '../../api/schema'

// What the planner makes of itself is no coach's exercise.
export const patterns = codes.pattern.filter((one) => one !== 'priming' && one !== 'drill')

/** An exercise as typed: numbers and lists stay text until they are saved. */
export interface OwnDraft {
  id: string
  name: string
  pattern: Pattern
  sides: string
  kit: string
  load: LoadSource
  ratioOf: string
  ratio: string
  spread: string
  bodyFraction: string
  curve: string
  bottom: string
  top: string
  setUpSeconds: string
  tempo: string
  fromFloor: boolean
  muscles: Record<string, string>
  length: MuscleLength
  hardest: HardestAt
  positions: Position[]
  axial: string
  systemic: string
  soreness: string
  skill: string
  carriesTo: string
  answersLike: string
  conflicts: Conflict[]
  stance: string
  escape: string
  cues: string
  watch: string
  caution: string
  putAway: boolean
}

const text = (value: string | number | null | undefined) => (value === null || value === undefined ? '' : String(value))

/** What is typed when an exercise is changed, or copied under a name of its own. */
export function ownDraftOf(from: ExerciseDocument, as: 'change' | 'copy'): OwnDraft {
  return {
    id: as === 'copy' ? '' : from.id,
    name: as === 'copy' ? '' : from.name,
    pattern: from.pattern,
    sides: from.sides ?? 'both',
    kit: from.kit.map((set) => set.needs.join(', ')).join('\n'),
    load: from.load,
    ratioOf: from.ratio?.of ?? (as === 'copy' ? from.id : ''),
    ratio: text(from.ratio?.value ?? (as === 'copy' ? 1 : null)),
    spread: text(from.ratio?.spread ?? (as === 'copy' ? 15 : null)),
    bodyFraction: text(from.bodyFraction),
    curve: text(from.curve),
    bottom: text(from.reps.bottom),
    top: text(from.reps.top),
    setUpSeconds: text(from.setUpSeconds),
    tempo: text(from.tempo),
    fromFloor: from.fromFloor ?? false,
    muscles: { ...from.muscles },
    length: from.length,
    hardest: from.hardest,
    positions: [...(from.positions ?? [])],
    axial: text(from.axial),
    systemic: text(from.systemic),
    soreness: text(from.soreness),
    skill: text(from.skill),
    carriesTo: text(from.carriesTo),
    answersLike: from.answersLike ?? (as === 'copy' ? from.id : ''),
    conflicts: [...from.conflicts],
    stance: text(from.stance),
    escape: text(from.escape),
    cues: from.cues.join('\n'),
    watch: from.watch,
    caution: text(from.caution),
    putAway: from.putAway ?? false,
  }
}

/** An id from a name: lower-case words joined by hyphens. */
export const idOf = (name: string) =>
  name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')

const lines = (typed: string) =>
  typed
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
const orNull = (typed: string) => (typed.trim() === '' ? null : typed.trim())

export function ownOf(draft: OwnDraft): ExerciseDocument {
  const number = (typed: string) => typedNumber(typed) as number
  return {
    id: draft.id || idOf(draft.name),
    name: draft.name.trim(),
    pattern: draft.pattern,
    sides: draft.sides as ExerciseDocument['sides'],
    kit: (lines(draft.kit).length === 0 ? [''] : lines(draft.kit)).map((line) => ({
      needs: line.split(/[\s,;]+/).filter((one) => one !== '') as Implement[],
    })),
    load: draft.load,
    ratio: draft.ratioOf === '' ? null : { of: draft.ratioOf, value: number(draft.ratio), spread: number(draft.spread) },
    bodyFraction: typedNumber(draft.bodyFraction),
    curve: typedNumber(draft.curve),
    reps: { bottom: number(draft.bottom), top: number(draft.top) },
    setUpSeconds: typedNumber(draft.setUpSeconds),
    tempo: orNull(draft.tempo),
    fromFloor: draft.fromFloor,
    muscles: Object.fromEntries(Object.entries(draft.muscles).filter(([, share]) => share !== '')) as Record<string, Share>,
    length: draft.length,
    hardest: draft.hardest,
    positions: draft.positions,
    axial: number(draft.axial),
    systemic: number(draft.systemic),
    soreness: number(draft.soreness),
    skill: number(draft.skill),
    carriesTo: orNull(draft.carriesTo),
    answersLike: orNull(draft.answersLike),
    conflicts: draft.conflicts,
    stance: orNull(draft.stance),
    escape: orNull(draft.escape),
    cues: lines(draft.cues),
    watch: draft.watch.trim(),
    caution: orNull(draft.caution),
    putAway: draft.putAway,
  }
}
