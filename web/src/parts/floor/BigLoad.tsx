import { Box, Flex } from '@chakra-ui/react'
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
      <Flex wrap="wrap" align="center" columnGap={4}>
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
          // Beside the load, or under it where there is no room for both.
          <Box flex="1 1 150px" minW={0}>
            <Box bg="plates.ground" py={1} w="fit-content" maxW="100%">
              <Plates perSide={perSide} before={before} height={{ base: 92, lg: 132 }} />
            </Box>
          </Box>
        )}
      </Flex>
      <Box color={colors.quiet} mt={1}>
        {under}
        {perSide ? `, ${platesInWords(perSide, before)}` : ''}
      </Box>
    </>
  )
}
