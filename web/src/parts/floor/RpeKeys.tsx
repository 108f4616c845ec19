import { Box, chakra, Grid } from '@chakra-ui/react'
import { plain } from '../../text/numbers'
import type { FloorColors } from './floor-theme'

const keys = [5, 6, 6.5, 7, 7.5, 8, 8.5, 9, 9.5, 10] as const

/** How hard it was: a tap logs the set with that rating. */
export function RpeKeys({ onRpe, colors }: { onRpe: (rpe: number) => void; colors: FloorColors }) {
  return (
    <Box mt={3} role="group" aria-label="Log with a rating">
      <Box color={colors.quiet} mb={1}>
        How hard was it? A tap logs the set.
      </Box>
      <Grid templateColumns="repeat(5, 1fr)" gap={2}>
        {keys.map((rpe) => (
          <chakra.button
            key={rpe}
            type="button"
            aria-label={`Log at RPE ${plain(rpe)}`}
            onClick={() => onRpe(rpe)}
            minH="58px"
            border="1px solid"
            borderColor={colors.hair}
            textStyle="figure"
            fontWeight="strong"
            fontStretch="75%"
            _hover={{ bg: colors.press }}
            _active={{ bg: colors.press }}
          >
            {plain(rpe)}
          </chakra.button>
        ))}
      </Grid>
    </Box>
  )
}
