import type { HealthFlag, HealthSection, HealthView, PainRegion, PainSection, PainTrigger } from '../../api/schema'
import { today } from '../../text/dates'

/** One pain as it is entered. */
export interface PainDraft {
  region: PainRegion
  worseOn: PainTrigger[]
  exercise: string
  scoreDuring: number | null
  scoreNextMorning: number | null
  usualScore: number | null
  weeks: number | null
  improving: boolean | null
  nerveSigns: boolean
}

export interface HealthDraft {
  flags: HealthFlag[]
  cleared: HealthFlag[]
  clearedName: string
  clearedProfession: string
  clearedOn: string
  pain: PainDraft[]
}

export const newPain: PainDraft = {
  region: 'low-back',
  worseOn: [],
  exercise: '',
  scoreDuring: null,
  scoreNextMorning: null,
  usualScore: null,
  weeks: null,
  improving: null,
  nerveSigns: false,
}

export function draftOf({ health, pain }: HealthView): HealthDraft {
  return {
    flags: [...(health.flags ?? [])],
    cleared: [...(health.clearedBy?.flags ?? [])],
    clearedName: health.clearedBy?.name ?? '',
    clearedProfession: health.clearedBy?.profession ?? '',
    clearedOn: health.clearedBy?.date ?? today(),
    pain: pain.map((entry) => ({
      ...newPain,
      region: entry.region,
      worseOn: [...(entry.worseOn ?? [])],
      exercise: entry.exercise ?? '',
      scoreDuring: entry.scoreDuring ?? null,
      scoreNextMorning: entry.scoreNextMorning ?? null,
      usualScore: entry.usualScore ?? null,
      weeks: entry.weeks ?? null,
      improving: entry.improving ?? null,
      nerveSigns: entry.nerveSigns ?? false,
    })),
  }
}

/** A clearance is sent as soon as one part of it is there, so that the server can name what is missing. */
export function healthOf(draft: HealthDraft): HealthSection {
  const begun = draft.cleared.length > 0 || draft.clearedName.trim() !== '' || draft.clearedProfession.trim() !== ''
  return {
    flags: draft.flags,
    clearedBy: begun
      ? {
          name: draft.clearedName,
          profession: draft.clearedProfession,
          date: draft.clearedOn,
          flags: draft.cleared.filter((flag) => draft.flags.includes(flag)),
        }
      : null,
  }
}

export function painOf(draft: HealthDraft): PainSection[] {
  return draft.pain.map((entry) => ({ ...entry, exercise: entry.exercise === '' ? null : entry.exercise }))
}
