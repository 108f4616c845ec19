import { Box, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { BigKey } from './BigKey'
import type { FloorColors } from './floor-theme'
import { signal } from './signal'

const phases = ['lower', 'hold', 'lift', 'hold'] as const

/** The beats of a tempo: 3-0-1-0 is lower, lower, lower, lift. As fast as possible counts one. */
export function beatsOf(tempo: string): { phase: number; count: number; of: number }[] {
  return tempo.split('-').flatMap((part, phase) => {
    const of = part.toUpperCase() === 'X' ? 1 : Number(part)
    return Number.isInteger(of) ? Array.from({ length: of }, (_, at) => ({ phase, count: at + 1, of })) : []
  })
}

interface Props {
  tempo: string
  sound: boolean
  colors: FloorColors
}

/** The tempo, seen and heard: a beat a second through the four phases, until it is stopped. */
export function TempoCount({ tempo, sound, colors }: Props) {
  const [beat, setBeat] = useState<number | null>(null)
  const beats = beatsOf(tempo)
  const running = beat !== null
  useEffect(() => {
    if (!running) return
    const timer = setInterval(() => setBeat((before) => (before ?? 0) + 1), 1000)
    return () => clearInterval(timer)
  }, [running])
  const now = running ? beats[beat % beats.length] : undefined
  useEffect(() => {
    if (now && sound) signal(now.count === 1 ? 880 : 440, 0.08, 0)
  }, [beat, now, sound])
  if (beats.length === 0) return null
  return (
    <Box mt={3}>
      <Grid>
        <BigKey onPress={() => setBeat(running ? null : 0)} colors={colors} pressed={running}>
          {running ? `Stop counting ${tempo}` : `Count the tempo ${tempo}`}
        </BigKey>
      </Grid>
      {now && (
        <Flex mt={2} gap={2} role="img" aria-label={`Tempo: ${phases[now.phase]} ${now.count} of ${now.of}`}>
          {tempo.split('-').map((part, phase) => (
            <Box
              // The four places of a tempo are what they are by their order.
              key={phase}
              flex="1"
              textAlign="center"
              py={1}
              border="1px solid"
              borderColor={phase === now.phase ? colors.ink : colors.hair}
              borderBottomWidth={phase === now.phase ? '6px' : '1px'}
              color={part === '0' ? colors.quiet : colors.ink}
            >
              {phases[phase]}
              <Box textStyle="figure" fontWeight="strong">
                {phase === now.phase ? `${now.count}/${part}` : part}
              </Box>
            </Box>
          ))}
        </Flex>
      )}
    </Box>
  )
}
