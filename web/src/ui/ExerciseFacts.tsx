import { Box, chakra } from '@chakra-ui/react'
import type { ExerciseFace } from '../api/schema'
import { words } from '../text/codes'
import { BodyMap } from './BodyMap'
import { Figure } from './Figure'
import { Labelled } from './Numeral'

/** Everything of an exercise that does not depend on the choice. */
export function ExerciseFacts({ face }: { face: ExerciseFace }) {
  return (
    <>
      <chakra.h2 textStyle="title" fontWeight="strong" mb={2}>
        {face.name}
      </chakra.h2>
      {face.figure && face.pose && (
        <Box h="200px" mb={3}>
          <Figure figure={face.figure} pose={face.pose} label={`${face.name} in this client's proportions`} detail="thumb" />
        </Box>
      )}
      <BodyMap muscles={face.muscles} height={150} />
      <Box textStyle="fine" color="panel.quiet" mb={3}>
        {face.muscles.map((one) => `${words(one.muscle ?? '').toLowerCase()} ${one.share}`).join(', ')}
      </Box>
      <Box display="grid" gap={3} textStyle="plain">
        {face.watch && <Labelled label="Watch">{face.watch}</Labelled>}
        <Labelled label="Cues">{face.cues.join('. ')}</Labelled>
        {face.caution && <Labelled label="Take care">{face.caution}</Labelled>}
        {face.stance && <Labelled label="Set up">{face.stance}</Labelled>}
        {face.escape && <Labelled label="If it fails">{face.escape}</Labelled>}
        {face.ladder && <Labelled label="Ladder">{face.ladder}</Labelled>}
        <Labelled label="Needs">{face.kit}</Labelled>
        {face.conflicts.length > 0 && (
          <Labelled label="Not with">{face.conflicts.map((one) => words(one ?? '').toLowerCase()).join(', ')}</Labelled>
        )}
        <Labelled label="Spine, whole body, soreness, skill">
          {face.axial}, {face.systemic}, {face.soreness} of 3; {face.skill} of 4
        </Labelled>
      </Box>
    </>
  )
}
