import { Box, chakra, Grid } from '@chakra-ui/react'
import type { MuscleBand } from '../../api/schema'
import { words } from '../../text/codes'
import { Band, bandInWords } from '../../ui/Band'

/** Hard sets of the first week by muscle, each over its target. */
export function Muscles({ muscles }: { muscles: readonly MuscleBand[] }) {
  if (muscles.length === 0) return null
  const most = Math.max(...muscles.map((one) => Math.max(one.sets, one.high)))
  return (
    <chakra.details px={4} py={3} textStyle="note" borderBottom="1px solid" borderColor="hair" open>
      <chakra.summary cursor="pointer" minH="chip" fontWeight="semibold">
        Hard sets in week 1
      </chakra.summary>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) minmax(0, 1fr)' }} columnGap={6}>
        {muscles.map((one) => (
          <Grid key={one.muscle} templateColumns="112px minmax(0, 1fr) 92px" alignItems="center" gap={2} py={0.5}>
            <Box>{words(one.muscle ?? '')}</Box>
            <Band sets={one.sets} low={one.low} high={one.high} most={most} />
            <Box textStyle="fine" fontStretch="80%" aria-hidden whiteSpace="nowrap">
              {bandInWords(one.sets, one.low, one.high)}
            </Box>
          </Grid>
        ))}
      </Grid>
    </chakra.details>
  )
}
