import { Box, Flex } from '@chakra-ui/react'
import type { EffectView, Moved, Pick } from '../../api/schema'
import { useEffectOf } from '../../hooks/useExercises'
import { words } from '../../text/codes'
import { plain } from '../../text/numbers'
import { Plain, Primary } from '../../ui/form'

interface Props {
  clientId: string
  picks: readonly Pick[]
  onTake: () => void
  onLeave: () => void
}

/** What a change would do in the first week, before it is taken. */
export function Effect({ clientId, picks, onTake, onLeave }: Props) {
  const effect = useEffectOf(clientId, picks)
  return (
    <Box as="section" aria-label="What would change" bg="panel" color="panel.ink" px={4} py={3} flexShrink={0} maxH="40vh" overflow="auto">
      <Flex gap={5} align="flex-start" wrap="wrap">
        <Box flex="1 1 420px" textStyle="plain" role="status">
          {effect.state === 'loading' && 'Working out what would change.'}
          {effect.state === 'failed' && effect.message}
          {effect.state === 'ready' && <Told effect={effect.data} />}
        </Box>
        <Flex gap={2}>
          <Primary onClick={onTake} disabled={effect.state !== 'ready'} bg="panel.ink" color="panel">
            Take it
          </Primary>
          <Plain onClick={onLeave} bg="transparent" color="panel.ink" borderColor="panel.quiet" _hover={{ bg: 'panel.hair' }}>
            Leave it
          </Plain>
        </Flex>
      </Flex>
    </Box>
  )
}

function Told({ effect }: { effect: EffectView }) {
  const lines = [
    effect.in.length > 0 && `In: ${effect.in.join(', ')}.`,
    effect.out.length > 0 && `Out: ${effect.out.join(', ')}.`,
    effect.noLonger.length > 0 && `No longer answered: ${effect.noLonger.join(', ')}.`,
    effect.newly.length > 0 && `Answered now: ${effect.newly.join(', ')}.`,
    effect.muscles.length > 0 && `Hard sets a week: ${effect.muscles.map(shift).join(', ')}.`,
    moved('Minutes', effect.minutes),
    moved('Load on the spine', effect.axial),
    moved('Soreness', effect.soreness),
  ].filter(Boolean) as string[]
  if (lines.length === 0) return <>Nothing would change: it cannot be done, or is there already.</>
  return (
    <Box as="ul">
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </Box>
  )
}

const shift = (one: EffectView['muscles'][number]) =>
  `${words(one.muscle ?? '').toLowerCase()} ${plain(one.before, 1)} to ${plain(one.after, 1)}`

const moved = (name: string, change: Moved) =>
  change.before !== change.after && `${name} a week: ${plain(change.before, 0)} to ${plain(change.after, 0)}.`
