import { Box } from '@chakra-ui/react'
import type { ExerciseFace } from '../../api/schema'
import { BodyMap } from '../../ui/BodyMap'
import { Figure } from '../../ui/Figure'

/** An exercise at thumb size: the client in it where the model has a posture, else the muscles it trains. */
export function Thumb({ face }: { face: ExerciseFace }) {
  return (
    <Box w="hand" h="hand" bg="panel" flexShrink={0} aria-hidden display="flex" alignItems="center" justifyContent="center">
      {face.figure && face.pose ? (
        <Figure figure={face.figure} pose={face.pose} label="" detail="thumb" />
      ) : (
        <BodyMap muscles={face.muscles} height={52} />
      )}
    </Box>
  )
}
