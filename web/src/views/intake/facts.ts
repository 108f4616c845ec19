import type {
  ClientSection,
  Diet,
  Goal,
  IntakeView,
  Level,
  Progression,
  SchoolsSection,
  Sex,
  StrengthReps,
  Weekday,
} from '../../api/schema'
import { weekdays } from '../../text/codes'

/** The facts as typed: numbers stay text until they are saved. */
export interface FactsDraft {
  name: string
  birthYear: string
  sex: NonNullable<Sex>
  heightCm: string
  massKg: string
  trainingYears: string
  level: NonNullable<Level>
  goal: NonNullable<Goal>
  diet: NonNullable<Diet>
  competition: string
  squat: string
  hinge: string
  minutes: Record<string, string>
  progression: NonNullable<Progression>
  strengthReps: NonNullable<StrengthReps>
}

const text = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value))

export function emptyFacts(): FactsDraft {
  return {
    name: '',
    birthYear: '',
    sex: 'unspecified',
    heightCm: '',
    massKg: '',
    trainingYears: '',
    level: 'intermediate',
    goal: 'strength',
    diet: 'maintenance',
    competition: '',
    squat: '',
    hinge: '',
    minutes: {},
    progression: 'wave',
    strengthReps: 'moderate',
  }
}

export function draftOf(view: IntakeView, isSquat: (id: string) => boolean, isHinge: (id: string) => boolean): FactsDraft {
  const { facts, schools } = view
  return {
    name: facts.name,
    birthYear: text(facts.birthYear),
    sex: facts.sex ?? 'unspecified',
    heightCm: text(facts.heightCm),
    massKg: text(facts.massKg),
    trainingYears: text(facts.trainingYears),
    level: facts.level,
    goal: facts.goal ?? 'general',
    diet: facts.diet ?? 'maintenance',
    competition: facts.competition?.date ?? '',
    squat: facts.targetLifts?.find(isSquat) ?? '',
    hinge: facts.targetLifts?.find(isHinge) ?? '',
    minutes: Object.fromEntries(facts.days.map((day) => [day.day, String(day.minutes)])),
    progression: schools.progression ?? 'wave',
    strengthReps: schools.strengthReps ?? 'moderate',
  }
}

/** A number where it reads as one, else the text itself: the server then says what it expects, at this field. */
export function typedNumber(value: string): number | null {
  const trimmed = value.trim().replace(',', '.')
  if (trimmed === '') return null
  const number = Number(trimmed)
  return Number.isNaN(number) ? (trimmed as unknown as number) : number
}

/** The facts to save: what this page edits, laid over what it does not show. */
export function factsOf(draft: FactsDraft, saved?: ClientSection): ClientSection {
  const lifts = saved?.targetLifts ?? []
  const first = lifts[0]
  const chosen = first !== undefined && first === draft.hinge ? [draft.hinge, draft.squat] : [draft.squat, draft.hinge]
  return {
    ...saved,
    name: draft.name,
    birthYear: typedNumber(draft.birthYear),
    sex: draft.sex,
    heightCm: typedNumber(draft.heightCm) as number,
    massKg: typedNumber(draft.massKg) as number,
    trainingYears: typedNumber(draft.trainingYears),
    level: draft.level,
    goal: draft.goal,
    diet: draft.diet,
    competition: draft.competition ? { date: draft.competition } : null,
    targetLifts: chosen.filter((lift) => lift !== ''),
    days: weekdays
      .filter((day) => (draft.minutes[day] ?? '').trim() !== '')
      .map((day) => ({ day: day as Weekday, minutes: typedNumber(draft.minutes[day] ?? '') as number })),
  }
}

export function schoolsOf(draft: FactsDraft, saved: SchoolsSection): SchoolsSection {
  return { ...saved, progression: draft.progression, strengthReps: draft.strengthReps }
}
