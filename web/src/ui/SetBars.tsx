import './pieces.css'
import { intensity } from './intensity'

export interface SetBar {
  reps: number
  percent?: number | null
  /** Warm-up sets are hollow; work sets solid once planned, outlined until done on the floor. */
  kind: 'ramp' | 'work' | 'ahead' | 'now'
  amrap?: boolean
}

const gap = 2
const leastPercent = 30

/** Places the bars side by side. */
function lay(sets: readonly SetBar[], height: number, repWidth: number) {
  let x = 1
  const bars = sets.map((set, i) => {
    const width = Math.max(4, set.reps * repWidth)
    const percent = set.percent ?? 60
    const tall = Math.max(4, ((Math.min(100, percent) - leastPercent) / (100 - leastPercent)) * (height - 2))
    const bar = { set, x, width, tall, key: `${i}-${set.reps}` }
    x += width + gap
    return bar
  })
  return { bars, end: x }
}

/** The sets of one exercise as bars: width is repetitions, height and intensity are the percentage; an AMRAP is open at the top. */
export function SetBars({
  sets,
  height = 38,
  label,
  onPanel = false,
  repWidth = 2.7,
}: {
  sets: readonly SetBar[]
  height?: number
  label: string
  onPanel?: boolean
  repWidth?: number
}) {
  const { bars, end } = lay(sets, height, repWidth)
  const edge = onPanel ? 'currentColor' : ink('intensity-edge')
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${Math.max(end, 10)} ${height}`}
      height={height}
      width={end}
      className="bars"
      preserveAspectRatio="xMinYMax meet"
    >
      {bars.map(({ set, x: left, width, tall, key }) => {
        const { color } = intensity(set.percent)
        return (
          <rect
            key={key}
            x={left}
            y={height - 1 - tall}
            width={width}
            height={tall}
            fill={set.kind === 'work' && color ? ink(color) : 'transparent'}
            stroke={set.kind === 'now' && !onPanel ? ink('ink') : edge}
            strokeWidth={set.kind === 'now' ? 3 : 1}
            strokeDasharray={set.amrap ? `0 ${width} ${width + 2 * tall} 0` : undefined}
          />
        )
      })}
    </svg>
  )
}

const ink = (color: string) => `var(--nz-colors-${color})`
