import type {
  ClientSection,
  Diet,
  EventSection,
  Goal,
  IntakeView,
  Level,
  Muscle,
  OtherTrainingSection,
  SchoolsSection,
  Sex,
  Weekday,
} from '../api/schema'
import { weekdays } from '../text/codes'
import { typedNumber } from '../text/numbers'

/** The facts as typed: numbers stay text until they are saved, in kilograms and centimetres whatever unit is shown. */
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
  /** By day of training; a day without training is not in it. */
  minutes: Record<string, string>
  shank: string
  thigh: string
  torso: string
  arm: string
  foot: string
  emphasis: NonNullable<Muscle>[]
  otherTraining: { day: string; kind: string; minutes: string; hard: boolean; match: boolean }[]
  likes: string[]
  dislikes: { exercise: string; never: boolean }[]
  events: { kind: string; date: string }[]
  trainsAlone: boolean
  guardianConsent: boolean
  /** Codes by question; empty is the default of that question. */
  schools: Record<SchoolQuestion, string>
}

export const schoolQuestions = [
  'progression',
  'strengthReps',
  'accessories',
  'sides',
  'workSets',
  'isolation',
  'setCounting',
  'quads',
] as const
export type SchoolQuestion = (typeof schoolQuestions)[number]

export const segments = ['shank', 'thigh', 'torso', 'arm', 'foot'] as const

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
    shank: '',
    thigh: '',
    torso: '',
    arm: '',
    foot: '',
    emphasis: [],
    otherTraining: [],
    likes: [],
    dislikes: [],
    events: [],
    trainsAlone: false,
    guardianConsent: false,
    schools: noSchools,
  }
}

const noSchools = Object.fromEntries(schoolQuestions.map((question) => [question, ''])) as Record<SchoolQuestion, string>

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
    shank: text(facts.segmentsCm?.shank),
    thigh: text(facts.segmentsCm?.thigh),
    torso: text(facts.segmentsCm?.torso),
    arm: text(facts.segmentsCm?.arm),
    foot: text(facts.segmentsCm?.foot),
    emphasis: [...(facts.emphasis ?? [])] as NonNullable<Muscle>[],
    otherTraining: (facts.otherTraining ?? []).map((other) => ({
      day: other.day,
      kind: other.kind,
      minutes: text(other.minutes),
      hard: other.hard ?? false,
      match: other.match ?? false,
    })),
    likes: [...(facts.likes ?? [])],
    dislikes: (facts.dislikes ?? []).map((dislike) => ({ exercise: dislike.exercise, never: dislike.never ?? false })),
    events: (facts.events ?? []).map((event) => ({ kind: event.kind, date: event.date ?? '' })),
    trainsAlone: facts.trainsAlone ?? false,
    guardianConsent: facts.guardianConsent ?? false,
    schools: Object.fromEntries(schoolQuestions.map((question) => [question, schools[question] ?? ''])) as Record<SchoolQuestion, string>,
  }
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
      .filter((day) => draft.minutes[day] !== undefined)
      .map((day) => ({ day: day as Weekday, minutes: typedNumber(draft.minutes[day] ?? '') as number })),
    segmentsCm: Object.fromEntries(segments.map((segment) => [segment, typedNumber(draft[segment])])),
    emphasis: draft.emphasis,
    otherTraining: draft.otherTraining.map((other) => ({
      day: other.day as Weekday,
      kind: other.kind as OtherTrainingSection['kind'],
      minutes: typedNumber(other.minutes),
      hard: other.hard,
      ...(other.match && { match: true }),
    })),
    likes: draft.likes,
    dislikes: draft.dislikes,
    events: draft.events.map((event) => ({ kind: event.kind as EventSection['kind'], date: event.date === '' ? null : event.date })),
    trainsAlone: draft.trainsAlone,
    guardianConsent: draft.guardianConsent,
  }
}

export function schoolsOf(draft: FactsDraft): SchoolsSection {
  return Object.fromEntries(schoolQuestions.map((question) => [question, draft.schools[question] || null])) as SchoolsSection
}
