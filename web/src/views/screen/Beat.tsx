import { Box, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { Plain } from '../../ui/form'

/** Counts seconds in a steady beat, for repetitions with a hold or at a given pace. */
export function Beat() {
  const [seconds, setSeconds] = useState<number | null>(null)
  const running = seconds !== null
  useEffect(() => {
    if (!running) return
    const began = Date.now()
    const timer = setInterval(() => setSeconds(Math.floor((Date.now() - began) / 1000)), 100)
    return () => clearInterval(timer)
  }, [running])
  return (
    <Flex mb={5} gap={4} align="center">
      <Plain minH="hand" px={6} onClick={() => setSeconds(running ? null : 0)} aria-pressed={running}>
        {running ? 'Stop the beat' : 'Start a beat of one second'}
      </Plain>
      {running && (
        <Box role="timer" aria-label="Seconds" textStyle="beat" fontWeight="strong" fontStretch="75%" lineHeight={1}>
          {seconds}
          <Box
            as="span"
            aria-hidden
            display="inline-block"
            ml={3}
            w="22px"
            h="22px"
            bg={seconds % 2 === 0 ? 'ink' : 'transparent'}
            border="2px solid"
            borderColor="ink"
          />
        </Box>
      )}
    </Flex>
  )
}
