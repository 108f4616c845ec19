import { Box, chakra } from '@chakra-ui/react'
import { plain } from '../text/numbers'

export interface SidesValues {
  left?: number | null
  right?: number | null
}

interface Props {
  now: SidesValues
  before?: SidesValues
  /** The norm band; an open band runs to the end of the scale. */
  norm?: { from: number; to?: number | null }
  from: number
  to: number
  unit: string
  label: string
}

const width = 340
const half = width / 2
const barY = 34
const barHeight = 34

/** Left and right mirrored about a centre line, the norm band behind, last time's values as open marks. */
export function Sides({ now, before, norm, from, to, unit, label }: Props) {
  const reach = (value: number) => ((Math.min(to, Math.max(from, value)) - from) / (to - from)) * (half - 30)
  const number = (value: number | null | undefined) => (typeof value === 'number' ? plain(value, 1) : 'not tested')
  const words = `${label}: left ${number(now.left)}, right ${number(now.right)}${unit && ` ${unit}`}${
    norm ? `; norm ${norm.to ? `${norm.from} to ${norm.to}` : `${norm.from} and more`}` : ''
  }${before ? `; last time left ${number(before.left)}, right ${number(before.right)}` : ''}`
  return (
    <Box color="panel.ink" maxW="420px">
      <svg viewBox={`0 0 ${width} 108`} width="100%" role="img" aria-label={words}>
        {norm && <NormBand reach={reach} norm={norm} to={to} />}
        <Half side={-1} value={now.left} before={before?.left} reach={reach} norm={norm} />
        <Half side={1} value={now.right} before={before?.right} reach={reach} norm={norm} />
        <line x1={half} x2={half} y1={22} y2={84} stroke="currentColor" strokeWidth={2} />
        <text x={half - 8} y={14} textAnchor="end" fontSize={14} fill="currentColor">
          left
        </text>
        <text x={half + 8} y={14} fontSize={14} fill="currentColor">
          right
        </text>
      </svg>
    </Box>
  )
}

function NormBand({ reach, norm, to }: { reach: (value: number) => number; norm: NonNullable<Props['norm']>; to: number }) {
  const start = reach(norm.from)
  const end = reach(norm.to ?? to)
  return (
    <g>
      {[-1, 1].map((side) => (
        <chakra.rect
          key={side}
          x={side < 0 ? half - end : half + start}
          y={22}
          width={Math.max(2, end - start)}
          height={62}
          fill="panel.hair"
        />
      ))}
      <chakra.text x={half + (start + end) / 2} y={101} textAnchor="middle" fontSize={13} fill="panel.quiet">
        norm {norm.to ? `${norm.from}–${norm.to}` : `${norm.from}+`}
      </chakra.text>
    </g>
  )
}

interface HalfProps {
  side: -1 | 1
  value: number | null | undefined
  before: number | null | undefined
  reach: (value: number) => number
  norm?: { from: number }
}

/** One side: solid when it is adequate, open when it is short; the number at its end. */
function Half({ side, value, before, reach, norm }: HalfProps) {
  const mark = typeof before === 'number' ? half + side * reach(before) : null
  if (typeof value !== 'number')
    return (
      <chakra.text x={half + side * 14} y={barY + 22} textAnchor={side < 0 ? 'end' : 'start'} fontSize={13} fill="panel.quiet">
        not tested
      </chakra.text>
    )
  const length = Math.max(2, reach(value))
  const short = norm !== undefined && value < norm.from
  return (
    <g>
      <rect
        x={side < 0 ? half - length : half}
        y={barY}
        width={length}
        height={barHeight}
        fill={short ? 'none' : 'currentColor'}
        stroke="currentColor"
        strokeWidth={2}
      />
      {mark !== null && <path d={`M${mark} ${barY + barHeight + 2} l-5 9 h10 z`} fill="none" stroke="currentColor" strokeWidth={1.5} />}
      <text
        x={half + side * (length + 7)}
        y={barY + 24}
        textAnchor={side < 0 ? 'end' : 'start'}
        fontSize={20}
        fontWeight={650}
        fill="currentColor"
        style={{ fontStretch: '75%' }}
      >
        {plain(value, 1)}
      </text>
    </g>
  )
}
