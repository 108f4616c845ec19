import type { CheckView, EditSection } from '../../api/schema'
import { listed } from '../../text/sentence'

/** One remark for all the weeks that it holds in. */
export interface Remark {
  key: string
  /** As it stands in its first week. */
  first: CheckView
  /** None for a remark on the whole block. */
  weeks: readonly number[]
  /** What mends it in every one of them. */
  edits: readonly EditSection[]
}

const keyOf = (check: CheckView) => [check.code, check.severity, check.day, check.exercise, check.because, check.fix].join(' | ')

/** What is said of several weeks in the same words is said once. */
export function together(checks: readonly CheckView[]): Remark[] {
  const remarks = new Map<string, Remark>()
  for (const check of checks) {
    const before = remarks.get(keyOf(check))
    remarks.set(keyOf(check), {
      key: keyOf(check),
      first: before?.first ?? check,
      weeks: [...(before?.weeks ?? []), ...(check.week === null ? [] : [check.week])],
      edits: [...(before?.edits ?? []), ...check.edits],
    })
  }
  return [...remarks.values()]
}

/** week 2; weeks 1 to 4; weeks 1, 2 and 4 */
export function weeksInWords(weeks: readonly number[]): string {
  const last = weeks.at(-1)
  if (weeks.length < 2) return `week ${last}`
  if (weeks.length > 2 && weeks.every((week, i) => i === 0 || week === weeks[i - 1]! + 1)) return `weeks ${weeks[0]} to ${last}`
  return `weeks ${listed(weeks)}`
}
