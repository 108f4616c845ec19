/** The heat of a percentage of max: the one meaning of colour. */
export interface Temper {
  /** A theme colour, or null for work by effort alone, which is uncoloured. */
  color: string | null
  name: string
}

const steps = [
  { below: 65, color: 'temper1', name: 'straw' },
  { below: 75, color: 'temper2', name: 'bronze' },
  { below: 85, color: 'temper3', name: 'purple' },
  { below: 92, color: 'temper4', name: 'blue' },
  { below: Number.POSITIVE_INFINITY, color: 'temper5', name: 'blue-white' },
] as const

export function temper(percent: number | null | undefined): Temper {
  if (percent === null || percent === undefined) return { color: null, name: 'by effort' }
  const step = steps.find((s) => percent < s.below) ?? steps[4]
  return { color: step.color, name: step.name }
}
