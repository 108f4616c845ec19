import { plain } from '../text/numbers'
import './pieces.css'

interface Props {
  sets: number
  low: number
  high: number
  /** The number at the right edge, the same for all bands that stand together. */
  most: number
  height?: number
}

/** Hard sets of a muscle as a bar over its target: the band from the low to the high limit. */
export function Band({ sets, low, high, most, height = 14 }: Props) {
  const at = (value: number) => `${Math.min(100, (value / most) * 100)}%`
  return (
    <div role="img" aria-label={bandInWords(sets, low, high)} className="band" style={{ height }}>
      <div className="band-wanted" style={{ left: at(low), width: at(high - low) }} />
      <div className="band-sets" style={{ width: at(sets) }} />
    </div>
  )
}

/** 12 of 10 to 16 */
export function bandInWords(sets: number, low: number, high: number): string {
  return low > 0 ? `${plain(sets, 1)} of ${plain(low, 1)} to ${plain(high, 1)}` : `${plain(sets, 1)}, at most ${plain(high, 1)}`
}
