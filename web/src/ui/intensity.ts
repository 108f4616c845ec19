/** The heat of a percentage of max: the one meaning of colour. */
export interface IntensityScale {
  /** A theme colour, or null for work by effort alone, which is uncoloured. */
  color: string | null
  name: string
}

const steps = [
  { below: 65, color: 'intensity1', name: 'straw' },
  { below: 75, color: 'intensity2', name: 'bronze' },
  { below: 85, color: 'intensity3', name: 'purple' },
  { below: 92, color: 'intensity4', name: 'blue' },
  { below: Number.POSITIVE_INFINITY, color: 'intensity5', name: 'blue-white' },
] as const

export function intensity(percent: number | null | undefined): IntensityScale {
  if (percent === null || percent === undefined) return { color: null, name: 'by effort' }
  const step = steps.find((s) => percent < s.below) ?? steps[4]
  return { color: step.color, name: step.name }
}
