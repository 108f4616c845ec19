import { Box, chakra } from '@chakra-ui/react'
import { plain } from '../text/numbers'

interface Props {
  value: number
  before?: number | null
  norm: { adequate: number; upper?: number | null }
  label: string
}

const width = 220

/** One value against its norm band; last time's value as an open mark. */
export function Gauge({ value, before, norm, label }: Props) {
  const far = Math.max(value, before ?? 0, (norm.upper ?? norm.adequate) * 1.15) * 1.05
  const x = (at: number) => (at / far) * width
  const end = x(norm.upper ?? far)
  return (
    <Box color="ink" w="220px" flexShrink={0}>
      <svg viewBox={`0 0 ${width} 22`} width="100%" role="img" aria-label={label} style={{ display: 'block' }}>
        <chakra.rect x={x(norm.adequate)} y={1} width={end - x(norm.adequate)} height={20} fill="hair" />
        <chakra.line x1={0} x2={width} y1={11} y2={11} stroke="edge" />
        <chakra.rect
          x={0}
          y={7}
          width={x(value)}
          height={8}
          fill={value < norm.adequate ? 'ground' : 'ink'}
          stroke="currentColor"
          strokeWidth={1.5}
        />
        {typeof before === 'number' && <path d={`M${x(before)} 15 l-4 6 h8 z`} fill="none" stroke="currentColor" strokeWidth={1.2} />}
        <title>{`${plain(value, 1)}`}</title>
      </svg>
    </Box>
  )
}
