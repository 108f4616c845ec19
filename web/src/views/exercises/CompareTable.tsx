import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ChosenLine, ExerciseFace, RankedLine, ScoreShare } from '../../api/schema'
import { plain } from '../../text/numbers'
import { BodyMap } from '../../ui/BodyMap'
import { Figure } from '../../ui/Figure'

/** Two exercises side by side: figures, muscles, and each part of the score. */
export function CompareTable({ line, other }: { line: ChosenLine; other: RankedLine }) {
  return (
    <>
      <chakra.h2 textStyle="lead" fontWeight="strong" mb={3}>
        Side by side
      </chakra.h2>
      <Flex gap={3} mb={3}>
        <Half face={line.face} />
        <Half face={other.face} />
      </Flex>
      <chakra.table w="100%" textStyle="note" borderCollapse="collapse">
        <chakra.caption srOnly>Parts of the score</chakra.caption>
        <thead>
          <tr>
            <chakra.th textAlign="left" fontWeight="medium" color="panel.quiet">
              part
            </chakra.th>
            <chakra.th textAlign="right" fontWeight="medium" color="panel.quiet">
              chosen
            </chakra.th>
            <chakra.th textAlign="right" fontWeight="medium" color="panel.quiet">
              other
            </chakra.th>
          </tr>
        </thead>
        <tbody>
          {line.parts.map((part) => (
            <Row key={part.name} name={part.name} now={part.value} then={valueOf(other.parts, part.name)} />
          ))}
          <Row name="score" now={line.score} then={other.score} />
          <Row name="spine, of 3" now={line.face.axial} then={other.face.axial} />
          <Row name="whole body, of 3" now={line.face.systemic} then={other.face.systemic} />
          <Row name="soreness, of 3" now={line.face.soreness} then={other.face.soreness} />
        </tbody>
      </chakra.table>
      <Box textStyle="fine" color="panel.quiet" mt={2}>
        A main lift is weighed by other weights than an accessory.
      </Box>
    </>
  )
}

const valueOf = (parts: readonly ScoreShare[], name: string) => parts.find((part) => part.name === name)?.value ?? 0

function Half({ face }: { face: ExerciseFace }) {
  return (
    <Box flex="1" minW={0}>
      <Box textStyle="note" fontWeight="semibold" minH="42px">
        {face.name}
      </Box>
      <Box h="130px">
        {face.figure && face.pose ? (
          <Figure figure={face.figure} pose={face.pose} label={`${face.name} in this client's proportions`} detail="thumb" />
        ) : (
          <BodyMap muscles={face.muscles} height={130} />
        )}
      </Box>
    </Box>
  )
}

function Row({ name, now, then }: { name: string; now: number; then: number }) {
  return (
    <chakra.tr borderTop="1px solid" borderColor="panel.hair">
      <chakra.th scope="row" textAlign="left" fontWeight="normal" py={1}>
        {name}
      </chakra.th>
      <chakra.td textAlign="right" fontWeight={now > then ? 'bold' : 'normal'}>
        {plain(now, 2)}
      </chakra.td>
      <chakra.td textAlign="right" fontWeight={then > now ? 'bold' : 'normal'}>
        {plain(then, 2)}
      </chakra.td>
    </chakra.tr>
  )
}
