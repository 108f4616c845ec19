import { Box } from '@chakra-ui/react'
import type { Muscle, MuscleShare } from '../api/schema'
import { words } from '../text/codes'
import { ink, quiet } from './panel'

/** Places on the body, front on the left and back on the right: x, y, half width, half height, and whether it is there on both sides. */
const places: Partial<Record<Muscle, readonly [number, number, number, number, boolean][]>> = {
  pecs: [[9, 43, 8, 6, true]],
  'front-delts': [[19, 36, 4, 5, true]],
  'side-delts': [[23, 39, 3, 6, true]],
  biceps: [[24, 53, 3.5, 8, true]],
  abs: [[0, 64, 7, 14, false]],
  obliques: [[11, 66, 3, 11, true]],
  'hip-flexors': [[8, 83, 4, 5, true]],
  adductors: [[4, 98, 3.5, 11, true]],
  'rectus-femoris': [[10.5, 103, 3, 16, true]],
  vasti: [
    [16, 108, 3, 14, true],
    [6, 117, 2.5, 7, true],
  ],
  'tibialis-anterior': [[11, 146, 3, 14, true]],
  traps: [[106, 32, 9, 6, false]],
  'upper-back': [[106, 45, 13, 7, false]],
  'rear-delts': [
    [87, 37, 4, 5, false],
    [125, 37, 4, 5, false],
  ],
  lats: [
    [95, 58, 5, 9, false],
    [117, 58, 5, 9, false],
  ],
  triceps: [
    [82, 53, 3.5, 8, false],
    [130, 53, 3.5, 8, false],
  ],
  'spinal-erectors': [[106, 68, 4, 11, false]],
  'gluteus-medius': [
    [94, 80, 5, 4, false],
    [118, 80, 5, 4, false],
  ],
  'gluteus-maximus': [
    [98, 90, 7, 7, false],
    [114, 90, 7, 7, false],
  ],
  hamstrings: [
    [96, 113, 5.5, 15, false],
    [116, 113, 5.5, 15, false],
  ],
  gastrocnemius: [
    [96, 143, 4.5, 9, false],
    [116, 143, 4.5, 9, false],
  ],
  soleus: [
    [96, 157, 3.5, 6, false],
    [116, 157, 3.5, 6, false],
  ],
  grip: [
    [78, 73, 3, 9, false],
    [134, 73, 3, 9, false],
  ],
}

const middle = 32

/** Front and back of a body with the muscles that an exercise trains: the whole share filled, a half shaded, a quarter outlined. */
export function BodyMap({ muscles, height = 170 }: { muscles: readonly MuscleShare[]; height?: number }) {
  const shareOf = new Map(muscles.map((one) => [one.muscle, one.share]))
  const label = muscles.length === 0 ? 'No muscle to count' : muscles.map((one) => `${words(one.muscle)} ${one.share}`).join(', ')
  return (
    <Box color="panel.ink">
      <svg viewBox="0 0 140 178" height={height} role="img" aria-label={label} style={{ maxWidth: '100%' }}>
        <Outline x={middle} />
        <Outline x={106} />
        {Object.entries(places).map(([muscle, shapes]) => {
          const share = shareOf.get(muscle as Muscle)
          if (!share) return null
          return shapes.flatMap(([x, y, rx, ry, mirrored], i) => {
            const at = x < 64 ? middle + x : x
            const all = mirrored ? [middle + x, middle - x] : [at]
            return all.map((cx) => (
              <ellipse
                key={`${muscle}${i}${cx}`}
                cx={cx}
                cy={y}
                rx={rx}
                ry={ry}
                fill={ink}
                fillOpacity={share >= 1 ? 0.95 : share >= 0.5 ? 0.45 : 0.06}
                stroke={ink}
                strokeWidth={0.9}
              />
            ))
          })
        })}
      </svg>
    </Box>
  )
}

const leftHalf =
  'M-4 23 L-4 27 Q-20 29 -24 38 L-31 78 L-30 90 L-26 90 L-25 78 L-19 50 L-15 70 L-17 88 L-16 122 L-15 168 L-21 174 L-8 174 L-7 168 L-5 122'
const rightHalf =
  'L0 96 L5 122 L7 168 L8 174 L21 174 L15 168 L16 122 L17 88 L15 70 L19 50 L25 78 L26 90 L30 90 L31 78 L24 38 Q20 29 4 27 L4 23'

/** One body, standing, arms a little out. */
function Outline({ x }: { x: number }) {
  const line = { fill: 'none', stroke: quiet, strokeWidth: 1.1 } as const
  return (
    <g transform={`translate(${x} 0)`}>
      <circle cx={0} cy={14} r={9} {...line} />
      <path d={`${leftHalf} ${rightHalf}`} {...line} />
    </g>
  )
}
