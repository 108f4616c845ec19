import { Box, Grid } from '@chakra-ui/react'
import { Plates, platesInWords } from '../../ui/Plates'
import type { FloorColors } from './floor-theme'

interface Props {
  /** What is read from across the room. */
  text: string
  said: string
  perSide: readonly number[] | null | undefined
  /** The plates of the set before, so that what changes is marked. */
  before: readonly number[] | null | undefined
  /** What the large text counts. */
  under: string
  colors: FloorColors
}

/** The load of a set, or what stands in its place, with the plates that make it. */
export function BigLoad({ text, said, perSide, before, under, colors }: Props) {
  return (
    <>
      <Grid templateColumns="auto minmax(0, 1fr)" alignItems="center" columnGap={4}>
        <Box
          textStyle={text.length > 5 ? 'rest' : 'weight'}
          lineHeight={0.95}
          fontWeight="strong"
          fontStretch="70%"
          overflowWrap="anywhere"
          aria-label={said}
        >
          {text}
        </Box>
        {perSide && (
          <Box bg="plates.ground" py={1}>
            <Plates perSide={perSide} before={before} height={{ base: 92, lg: 132 }} />
          </Box>
        )}
      </Grid>
      <Box color={colors.quiet} mt={1}>
        {under}
        {perSide ? `, ${platesInWords(perSide, before)}` : ''}
      </Box>
    </>
  )
}
