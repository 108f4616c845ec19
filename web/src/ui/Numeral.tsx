import { Box } from '@chakra-ui/react'
import type { CSSProperties } from 'react'

interface Props {
  value: string
  unit?: string
  size?: string
  weight?: number
  /** Whether it is read elsewhere and only drawn here. */
  hidden?: boolean
}

const numeral: CSSProperties = { fontStretch: '75%', lineHeight: 1, whiteSpace: 'nowrap' }
const small: CSSProperties = { fontSize: 'max(13px, 0.45em)', fontWeight: 400, marginLeft: '0.2em', opacity: 0.8 }

/** A number as content: condensed, tabular, its unit small. A block draws hundreds at a keystroke, so that it is plain markup (docs/measured.md). */
export function Numeral({ value, unit, size = '17px', weight = 600, hidden }: Props) {
  return (
    <span style={{ ...numeral, fontSize: size, fontWeight: weight }} aria-hidden={hidden}>
      {value}
      {unit && <span style={small}>{unit}</span>}
    </span>
  )
}

/** A small label above its number. */
export function Labelled({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box>
      <Box fontSize="14px" color="iron.quiet" mb={1}>
        {label}
      </Box>
      {children}
    </Box>
  )
}
