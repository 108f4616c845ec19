import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { FloorItem } from '../../api/schema'
import { mass, massWord } from '../../text/numbers'
import { Plates, platesInWords } from '../../ui/Plates'
import { BigKey } from './BigKey'
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
  const before = item.warmUp[done - 1]?.perSide ?? null
  return (
    <Box maxW="640px">
      <Box color={colors.quiet} mt={2}>
        Warm-up {done + 1} of {item.warmUp.length}
      </Box>
      <Grid templateColumns="auto minmax(0, 1fr)" alignItems="center" columnGap={4}>
        <Box textStyle="weight" lineHeight={0.95} fontWeight="strong" fontStretch="70%" aria-label={`${mass(set.kg)} ${massWord()}`}>
          {mass(set.kg)}
        </Box>
        {set.perSide && (
          <Box bg="plates.ground" py={1}>
            <Plates perSide={set.perSide} before={before} height={92} />
          </Box>
        )}
      </Grid>
      <Box color={colors.quiet} mt={1}>
        {massWord()}
        {set.perSide ? `, ${platesInWords(set.perSide, before)}` : ''}
      </Box>
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
          <Small onPress={onBack} colors={colors}>
            Back one
          </Small>
        )}
        <Small onPress={onSkip} colors={colors}>
          Go to the work sets
        </Small>
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

function Small({ children, onPress, colors }: { children: string; onPress: () => void; colors: FloorColors }) {
  return (
    <chakra.button type="button" onClick={onPress} minH="hand" px={4} border="1px solid" borderColor={colors.hair}>
      {children}
    </chakra.button>
  )
}
