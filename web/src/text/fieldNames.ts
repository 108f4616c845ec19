import { words } from './codes'
import { lengthUnit, massUnit } from './numbers'

/** What fields are called where they are spoken of away from their place: by the last part of their path that has a name. */
const names: Readonly<Record<string, string>> = {
  accessories: 'Accessories',
  arm: 'Arm',
  bars: 'Bar',
  birthYear: 'Born',
  bodyFraction: 'Part of body mass lifted',
  clearedBy: 'Cleared by',
  clearedName: 'Cleared by, name',
  clearedOn: 'Cleared on',
  clearedProfession: 'Cleared by, profession',
  cleared: 'Cleared answers',
  collarKg: 'Collar',
  competition: 'Competition',
  date: 'Day',
  days: 'Days and minutes',
  diet: 'Diet',
  dislikes: 'Dislikes',
  dumbbellsKg: 'Dumbbells',
  emphasis: 'Emphasis',
  events: 'Events',
  exercise: 'Exercise',
  faults: 'Faults in the lifts',
  flags: 'Health answers',
  foot: 'Foot',
  goal: 'Goal',
  guardianConsent: 'Guardian’s consent',
  heightCm: 'Height',
  hinge: 'Hinge that counts',
  improving: 'Getting better',
  items: 'Kit',
  kettlebellsKg: 'Kettlebells',
  kg: 'Mass',
  level: 'Level',
  likes: 'Likes',
  massKg: 'Body mass',
  minutes: 'Minutes',
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
  name: 'Name',
  otherTraining: 'Other training',
  pain: 'Pain',
  pairs: 'Pairs',
  plates: 'Plates',
  profession: 'Profession',
  reps: 'Repetitions',
  rpe: 'RPE',
  sandbagsKg: 'Sandbags',
  schools: 'School',
  scoreDuring: 'During',
  scoreNextMorning: 'Next morning',
  sex: 'Sex',
  shank: 'Shank',
  squat: 'Squat that counts',
  stackStepKg: 'Step of the weight stacks',
  start: 'Start',
  targetLifts: 'Lifts that count',
  thigh: 'Thigh',
  torso: 'Torso',
  trainingYears: 'Years of training',
  trainsAlone: 'Trains alone',
  usualScore: 'Usually',
  weeks: 'Weeks',
  worseOn: 'Worse on',
}

/** "Bar 2, name" for equipment.bars[1].name; a part without a name of its own is left out, unless it is the last. */
export function fieldName(path: string): string {
  const parts = path.split('.').filter((part) => part !== '')
  const told = parts.flatMap((part, i) => {
    const [, code = part, at] = /^(\w+)\[(\d+)\]/.exec(part) ?? []
    const name = names[code] ?? (i === parts.length - 1 ? spoken(code) : null)
    return name === null ? [] : [at === undefined ? name : `${name} ${Number(at) + 1}`]
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

/** The unit of a field by its name; empty where it has none. */
export function unitOf(path: string): '' | 'mass' | 'length' {
  const last = path.split('.').at(-1) ?? ''
  if (/Kg$|^kg$/.test(last)) return 'mass'
  return /Cm$|^(shank|thigh|torso|arm|foot)$/.test(last) ? 'length' : ''
}

export const unitWord = { mass: massUnit, length: lengthUnit, '': () => '' } as const
