import { weekdayNames, words } from './codes'
import type { Measure } from './numbers'

/** What fields are called where they are spoken of away from their place, where that is not their code in words. */
const names: Readonly<Record<string, string>> = {
  ...weekdayNames,
  bars: 'Bar',
  birthYear: 'Born',
  bodyFraction: 'Part of body mass lifted',
  clearedName: 'Cleared by, name',
  clearedOn: 'Cleared on',
  clearedProfession: 'Cleared by, profession',
  cleared: 'Cleared answers',
  date: 'Day',
  days: 'Days and minutes',
  faults: 'Faults in the lifts',
  flags: 'Health answers',
  guardianConsent: 'Guardian’s consent',
  hinge: 'Hinge that counts',
  improving: 'Getting better',
  items: 'Kit',
  kg: 'Mass',
  massKg: 'Body mass',
  reps: 'Repetitions',
  rpe: 'RPE',
  schools: 'School',
  scoreDuring: 'During',
  scoreNextMorning: 'Next morning',
  squat: 'Squat that counts',
  stackStepKg: 'Step of the weight stacks',
  targetLifts: 'Lifts that count',
  trainingYears: 'Years of training',
  usualScore: 'Usually',
}

/** Parts of a path that only hold others. */
const frames = ['facts', 'equipment', 'health', 'client', 'screen', 'segmentsCm']

/** "Bar 2, name" for equipment.bars[1].name. */
export function fieldName(path: string): string {
  const parts = path.split('.').filter((part) => part !== '' && !frames.includes(part))
  const told = parts.map((part) => {
    const [, code = part, at] = /^(\w+)\[(\d+)\]/.exec(part) ?? []
    const name = names[code] ?? spoken(code)
    return at === undefined ? name : `${name} ${Number(at) + 1}`
  })
  const [first = 'The form', ...rest] = told
  return [first, ...rest.map((one) => one.charAt(0).toLowerCase() + one.slice(1))].join(', ')
}

/** heelToWallCm as "Heel to wall". */
const spoken = (code: string): string =>
  words(
    code
      .replace(/(Kg|Cm)$/, '')
      .replaceAll(/([A-Z])/g, ' $1')
      .toLowerCase(),
  )

/** What a field measures, by its name; null where it is no mass and no length. */
export function measureOf(path: string): Measure | null {
  const last = path.split('.').at(-1) ?? ''
  if (/Kg$|^kg$/.test(last)) return 'mass'
  return /Cm$|^(shank|thigh|torso|arm|foot)$/.test(last) ? 'length' : null
}
