import type { LogColumn } from '../../api/schema'

const says: Readonly<Record<LogColumn, string>> = {
  date: 'day',
  exercise: 'exercise',
  sets: 'sets, as 3x5x100',
  kg: 'load, kg',
  lb: 'load, lb',
  reps: 'repetitions',
  rpe: 'RPE',
  side: 'side',
  note: 'note',
  seconds: 'seconds',
  metres: 'metres',
  'to-the-end': 'to the last repetition',
  'said-at-rep': 'said at repetition',
  'reserve-said': 'reserve said',
  'height-cm': 'height, cm',
  'clean-reps': 'clean repetitions',
  word: 'word',
  band: 'band',
  implements: 'implements of a medley',
  'technique-held-to': 'form held to',
  pain: 'pain, 0 to 10',
  'pain-at': 'where it hurt',
}

/** What a column of a log can say, in the order in which a coach thinks of it. */
export const columnNames = Object.entries(says).map(([value, label]) => ({ value: value as LogColumn, label }))
