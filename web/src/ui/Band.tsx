import { Box } from '@chakra-ui/react'
import { plain } from '../text/numbers'

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
    <Box role="img" aria-label={bandInWords(sets, low, high)} position="relative" h={`${height}px`} w="100%">
      <Box position="absolute" top={0} bottom={0} left={at(low)} w={at(high - low)} bg="hair" borderX="1px solid" borderColor="quiet" />
      <Box position="absolute" top="30%" bottom="30%" left={0} w={at(sets)} bg="ink" />
    </Box>
  )
}

/** 12 of 10 to 16 */
export function bandInWords(sets: number, low: number, high: number): string {
  return low > 0 ? `${plain(sets, 1)} of ${plain(low, 1)} to ${plain(high, 1)}` : `${plain(sets, 1)}, at most ${plain(high, 1)}`
}
