import { Box, type BoxProps, chakra } from '@chakra-ui/react'

const Unit = chakra('span')

/** A number as content: condensed, tabular, its unit small. */
export function Numeral({ value, unit, size = '17px', ...rest }: { value: string; unit?: string; size?: string } & BoxProps) {
  return (
    <Box as="span" fontStretch="75%" fontWeight="600" fontSize={size} lineHeight={1} whiteSpace="nowrap" {...rest}>
      {value}
      {unit && (
        <Unit fontSize="max(13px, 0.45em)" fontWeight="400" ml="0.2em" opacity={0.8}>
          {unit}
        </Unit>
      )}
    </Box>
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
