import { Box, Flex } from '@chakra-ui/react'
import type { LeanPicture } from '../../api/schema'
import { plain } from '../../text/numbers'
import { Figure } from '../../ui/Figure'
import { Numeral } from '../../ui/Numeral'

/** The lean that was seen, solid, and the lean that this body cannot do without, outlined over it. */
export function LeanFigure({ lean }: { lean: LeanPicture }) {
  const seen = plain(lean.observed.leanDeg, 0)
  const needed = lean.predicted ? plain(lean.predicted.leanDeg, 0) : null
  return (
    <Box mb={5}>
      <Box h="210px">
        <Figure
          figure={lean.observed}
          over={lean.predicted}
          pose={lean.pose}
          detail="thumb"
          label={
            `Trunk leans ${seen} degrees in the screen; ` + (needed ? `balance asks for ${needed}` : 'this depth cannot be held in balance')
          }
        />
      </Box>
      <Flex gap={6} mt={2}>
        <Box>
          <Box textStyle="fine" color="panel.quiet">
            seen, solid
          </Box>
          <Numeral value={seen} unit="°" size="head" />
        </Box>
        <Box>
          <Box textStyle="fine" color="panel.quiet">
            balance asks for, outlined
          </Box>
          {needed ? <Numeral value={needed} unit="°" size="head" /> : <Box textStyle="entry">cannot be held in balance</Box>}
        </Box>
      </Flex>
    </Box>
  )
}
