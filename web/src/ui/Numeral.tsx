import { Box } from '@chakra-ui/react'
import './pieces.css'
import type { TextSize } from './text-size'

interface Props {
  value: string
  unit?: string
  size?: TextSize
  weight?: number
  /** Whether it is read elsewhere and only drawn here. */
  hidden?: boolean
}

/** A number as content: condensed, tabular, its unit small. */
export function Numeral({ value, unit, size = 'lead', weight = 600, hidden }: Props) {
  return (
    <span className="numeral" style={{ fontSize: `var(--nz-font-sizes-${size})`, fontWeight: weight }} aria-hidden={hidden}>
      {value}
      {unit && <small>{unit}</small>}
    </span>
  )
}

/** A small label above its number. */
export function Labelled({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box>
      <Box textStyle="note" color="panel.quiet" mb={1}>
        {label}
      </Box>
      {children}
    </Box>
  )
}
