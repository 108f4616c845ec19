import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { FloorItem } from '../../api/schema'
import { mass, massWord } from '../../text/numbers'
import { BigKey } from './BigKey'
import { BigLoad } from './BigLoad'
import type { FloorColors } from './floor-theme'

interface Props {
  item: FloorItem
  /** How many are ticked. */
  done: number
  onTick: () => void
  onBack: () => void
  onSkip: () => void
  colors: FloorColors
}

/** The warm-up set at hand: its load large, its plates with what changes, one key to tick it. */
export function WarmUp({ item, done, onTick, onBack, onSkip, colors }: Props) {
  const set = item.warmUp[done]
  if (!set) return null
  return (
    <Box maxW="640px">
      <Box color={colors.quiet} mt={2}>
        Warm-up {done + 1} of {item.warmUp.length}
      </Box>
      <BigLoad
        text={mass(set.kg)}
        said={`${mass(set.kg)} ${massWord()}`}
        perSide={set.perSide}
        before={item.warmUp[done - 1]?.perSide}
        under={massWord()}
        colors={colors}
      />
      <Box textStyle="figure" fontWeight="strong" mt={2}>
        {set.reps} reps
      </Box>
      <Grid mt={3} gap={2}>
        <BigKey filled="filled" onPress={onTick} colors={colors} keyId="logUnrated">
          Warm-up done, {set.reps} × {mass(set.kg)}
        </BigKey>
      </Grid>
      <Flex gap={2} mt={2} wrap="wrap">
        {done > 0 && (
          <BigKey onPress={onBack} colors={colors}>
            Back one
          </BigKey>
        )}
        <BigKey onPress={onSkip} colors={colors}>
          Go to the work sets
        </BigKey>
      </Flex>
      <chakra.ol mt={4} listStyleType="none" aria-label="Warm-up sets">
        {item.warmUp.map((one, at) => (
          <chakra.li
            key={`${one.kg}-${at}`}
            color={at < done ? colors.quiet : colors.ink}
            fontWeight={at === done ? 'strong' : 'normal'}
            textDecoration={at < done ? 'line-through' : 'none'}
          >
            {one.reps} × {mass(one.kg)}
            {at < done ? ' done' : ''}
          </chakra.li>
        ))}
      </chakra.ol>
    </Box>
  )
}
