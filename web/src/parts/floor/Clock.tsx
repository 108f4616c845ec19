import { Box, Grid } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { clock } from '../../text/numbers'
import { BigKey } from './BigKey'
import { clockPressed, elapsed, type Entry } from './entry'
import type { FloorColors } from './floor-theme'

interface Props {
  entry: Entry
  onEntry: (change: Partial<Entry>) => void
  /** Seconds asked for, told when they are reached; null where the time is only taken. */
  target: number | null
  onTarget: () => void
  colors: FloorColors
}

/** A clock for the set: it goes by the device's own time, so that a page put away loses none of it. */
export function Clock({ entry, onEntry, target, onTarget, colors }: Props) {
  const [now, setNow] = useState(Date.now())
  const running = entry.startedAt !== null
  useEffect(() => {
    if (!running) return
    const timer = setInterval(() => setNow(Date.now()), 200)
    return () => clearInterval(timer)
  }, [running])
  const seconds = running ? elapsed(entry, now) : 0
  const reached = running && target !== null && seconds >= target
  const told = useRef(reached)
  useEffect(() => {
    if (reached && !told.current) onTarget()
    told.current = reached
  }, [reached, onTarget])
  const toggle = () => {
    setNow(Date.now())
    onEntry(clockPressed(entry, Date.now()))
  }
  return (
    <Grid templateColumns="minmax(0, 1fr) minmax(0, 1fr)" gap={2} mt={3} alignItems="center">
      <Box role="timer" aria-live="off" textStyle="mark" fontWeight="strong" fontStretch="75%" lineHeight={1} textAlign="center">
        {running ? clock(Math.floor(seconds)) : clock(entry.seconds ?? 0)}
      </Box>
      <BigKey onPress={toggle} colors={colors} pressed={running} keyId="floorClock">
        {running ? (reached ? 'Stop: that is enough' : 'Stop the clock') : 'Start the clock'}
      </BigKey>
    </Grid>
  )
}
