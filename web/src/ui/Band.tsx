import type { CSSProperties } from 'react'
import { plain } from '../text/numbers'

interface Props {
  sets: number
  low: number
  high: number
  /** The number at the right edge, the same for all bands that stand together. */
  most: number
  height?: number
}

const edge = '1px solid var(--nz-colors-quiet)'
const wanted: CSSProperties = {
  position: 'absolute',
  top: 0,
  bottom: 0,
  background: 'var(--nz-colors-hair)',
  borderLeft: edge,
  borderRight: edge,
}
const bar: CSSProperties = { position: 'absolute', top: '30%', bottom: '30%', left: 0, background: 'var(--nz-colors-ink)' }

/** Hard sets of a muscle as a bar over its target: the band from the low to the high limit. */
export function Band({ sets, low, high, most, height = 14 }: Props) {
  const at = (value: number) => `${Math.min(100, (value / most) * 100)}%`
  return (
    <div role="img" aria-label={bandInWords(sets, low, high)} style={{ position: 'relative', height, width: '100%' }}>
      <div style={{ ...wanted, left: at(low), width: at(high - low) }} />
      <div style={{ ...bar, width: at(sets) }} />
    </div>
  )
}

/** 12 of 10 to 16 */
export function bandInWords(sets: number, low: number, high: number): string {
  return low > 0 ? `${plain(sets, 1)} of ${plain(low, 1)} to ${plain(high, 1)}` : `${plain(sets, 1)}, at most ${plain(high, 1)}`
}
