import { mass, plain } from './numbers'

/** What of a set is told in short. */
interface Told {
  kg?: number | null
  reps?: number | null
  rpe?: number | null
  seconds?: number | null
  metres?: number | null
  heightCm?: number | null
  cleanReps?: number | null
  word?: string | null
}

/** A set in short, as it was done: 5 × 100 at 8; 30 s; felt. */
export function setInShort(set: Told): string {
  const { kg, reps, rpe, seconds, metres, cleanReps, word, heightCm } = set
  const load = kg ? mass(kg) : ''
  const parts = [
    reps !== null && reps !== undefined ? (load ? `${reps} × ${load}` : `${reps} reps`) : load,
    metres ? `${plain(metres)} m` : '',
    seconds ? `${plain(seconds, 0)} s` : '',
    heightCm ? `${plain(heightCm, 0)} cm` : '',
    cleanReps !== null && cleanReps !== undefined ? `${cleanReps} clean` : '',
    word ? word.replace('-', ' ') : '',
  ].filter(Boolean)
  return `${parts.join(', ')}${rpe ? ` at ${plain(rpe)}` : ''}`
}
