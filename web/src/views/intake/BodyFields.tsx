import { Box, Grid } from '@chakra-ui/react'
import type { SegmentsSection } from '../../api/schema'
import { MeasureField } from '../../ui/MeasureField'
import { type FactsDraft, segments } from '../../parts/facts'
import { length, lengthUnit } from '../../text/numbers'

const told: Record<(typeof segments)[number], { name: string; how: string }> = {
  shank: { name: 'Shank', how: 'Standing: floor to the joint line at the outer knee, less ankle height (floor to the ankle bone).' },
  thigh: { name: 'Thigh', how: 'Joint line at the outer knee to the hip joint: the bony point on the side that turns with the leg.' },
  torso: { name: 'Torso', how: 'Hip joint to shoulder joint, standing tall.' },
  arm: { name: 'Arm', how: 'Shoulder joint to the middle of a closed grip, arm hanging.' },
  foot: { name: 'Foot', how: 'Back of the heel to the longest toe.' },
}

interface Props {
  draft: FactsDraft
  set: (change: Partial<FactsDraft>) => void
  error: (path: string) => string | undefined
  /** What stands in for a length that is not measured, from height. */
  estimates: SegmentsSection
}

/** Body lengths, each with how it is measured and the estimate that stands in for it. */
export function BodyFields({ draft, set, error, estimates }: Props) {
  return (
    <>
      <Box color="quiet" mb={3} maxW="reading">
        Empty is fine: an estimate from height stands in. Measure when a lean or a depth is in question; two measurements that agree to a
        centimetre are enough.
      </Box>
      <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(5, 1fr)' }} gap={4}>
        {segments.map((segment) => (
          <MeasureField
            measure="length"
            key={segment}
            label={`${told[segment].name}, ${lengthUnit()}`}
            value={draft[segment]}
            placeholder={estimates[segment] ? `about ${length(estimates[segment])}` : ''}
            error={error(`segmentsCm.${segment}`)}
            hint={`${told[segment].how} Estimate ${estimates[segment] ? length(estimates[segment]) : '–'}.`}
            onValue={(value) => set({ [segment]: value })}
          />
        ))}
      </Grid>
    </>
  )
}
