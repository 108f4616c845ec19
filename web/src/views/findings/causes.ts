import type { Cause, FindingLine } from '../../api/schema'

/** Causes in the order in which they are dealt with; a referral has none and comes first. */
export const causes: readonly { code: Cause | null; name: string; more: string }[] = [
  { code: null, name: 'Referral', more: 'to be seen by someone else first' },
  { code: 'pain', name: 'Pain', more: 'it comes before everything else' },
  { code: 'capacity', name: 'Range', more: 'the range is not there: work on it daily, train around it' },
  { code: 'skill', name: 'Skill', more: 'the range is there, the timing is not' },
  { code: 'strength', name: 'Weak link', more: 'form holds until the load is heavy' },
  { code: 'proportion', name: 'Proportions', more: 'the body explains it: change the variation' },
]

export const keyOf = (finding: FindingLine) => `${finding.code}.${finding.cause ?? ''}`

export const causeName = (cause: Cause | null) => causes.find((row) => row.code === cause)?.name ?? ''
