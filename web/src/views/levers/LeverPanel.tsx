import { Box, chakra, Flex } from '@chakra-ui/react'
import { plain } from '../../text/numbers'
import { Plain } from '../../ui/form'
import { Figure } from '../../ui/Figure'
import { Numeral } from '../../ui/Numeral'
import { MoveSliders } from './MoveSliders'
import { type Moves, noMoves, type Shown } from './moves'

interface Props {
  shown: Shown
  over: Shown | null
  family: 'squat' | 'hinge' | 'split-squat' | 'thrust'
  moves: Moves
  onMoves: (moves: Moves) => void
  live: 'loading' | 'failed' | 'ready'
  caution: string
  observedLeanDeg: number | null
}

/** The large figure with what can be moved: depth, heel, stance, knee travel, load, and what if the ankle gained. */
export function LeverPanel({ shown, over, family, moves, onMoves, live, caution, observedLeanDeg }: Props) {
  const { row, reply } = shown
  const figure = reply.figure
  return (
    <Box
      as="aside"
      aria-label="Figure"
      w={{ base: '100%', lg: '400px' }}
      flexShrink={0}
      bg="panel"
      color="panel.ink"
      p={4}
      overflow={{ lg: 'auto' }}
    >
      <chakra.h2 textStyle="title" fontWeight="strong">
        {row.name}
      </chakra.h2>
      <Box textStyle="note" color="panel.quiet" minH="20px">
        {over ? `outlined over it: ${over.row.name}` : ''}
      </Box>
      <Box h="300px" my={2}>
        {figure ? (
          <Figure figure={figure} over={over?.reply.figure} pose={row.pose} label={words(shown)} detail="large" />
        ) : (
          <Flex h="100%" align="center" justify="center" textAlign="center" px={6} textStyle="lead">
            {reply.meaning}
          </Flex>
        )}
      </Box>
      {figure && (
        <Box mb={2} textStyle="plain">
          {reply.meaning}
        </Box>
      )}
      {figure && (
        <Flex gap={5} mb={3} wrap="wrap">
          {family !== 'thrust' && <Value name="lean" value={plain(figure.leanDeg, 0)} unit="°" />}
          <Value name="hip" value={plain(figure.hipNm, 0)} unit="N m" />
          <Value name="knee" value={plain(figure.kneeNm, 0)} unit="N m" />
          <Value name="low back" value={plain(figure.lowBackNm, 0)} unit="N m" />
          {observedLeanDeg !== null && <Value name="seen in the screen" value={plain(observedLeanDeg, 0)} unit="°" />}
        </Flex>
      )}
      <MoveSliders shown={shown} family={family} moves={moves} onMoves={onMoves} />
      <Flex mt={3} gap={3} align="center">
        <Plain
          size="sm"
          bg="transparent"
          color="panel.ink"
          borderColor="panel.quiet"
          _hover={{ bg: 'panel.hair' }}
          onClick={() => onMoves(noMoves)}
        >
          Its own again
        </Plain>
        <Box textStyle="fine" color="panel.quiet" role="status">
          {live === 'ready'
            ? ''
            : live === 'loading'
              ? 'The sliders wake in a moment.'
              : 'The sliders could not be loaded; the table stands.'}
        </Box>
      </Flex>
      <Box mt={3} textStyle="fine" color="panel.quiet">
        {caution}
      </Box>
    </Box>
  )
}

function words({ row, reply: { figure } }: Shown): string {
  return figure
    ? `${row.name} in this client's proportions: trunk leans ${plain(figure.leanDeg, 0)} degrees, ` +
        `hip ${plain(figure.hipNm, 0)}, knee ${plain(figure.kneeNm, 0)} newton metres`
    : row.name
}

function Value({ name, value, unit }: { name: string; value: string; unit: string }) {
  return (
    <Box>
      <Box textStyle="fine" color="panel.quiet">
        {name}
      </Box>
      <Numeral value={value} unit={unit} size="head" />
    </Box>
  )
}
