import { Box, chakra, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { FloorView, HealthFlag } from '../../api/schema'
import { capital } from '../../text/sentence'
import { BigKey } from './BigKey'
import type { FloorColors } from './floor-theme'

/** The signs with which nobody trains on: one is chosen, and a second key ends the session. It needs no network. */
export function WarningSigns({ view, onWarn, colors }: { view: FloorView; onWarn: (sign: HealthFlag) => void; colors: FloorColors }) {
  const [open, setOpen] = useState(false)
  const [sign, setSign] = useState<HealthFlag | null>(null)
  const chosen = view.warnings.find((one) => one.sign === sign)
  return (
    <Box px={4} pb={5}>
      <chakra.button
        type="button"
        aria-expanded={open}
        onClick={() => {
          setOpen(!open)
          setSign(null)
        }}
        minH="hand"
        w="100%"
        textAlign="left"
        borderLeft="6px solid"
        borderColor={colors.stop}
        pl={3}
        _hover={{ bg: colors.press }}
      >
        {open ? 'None of these' : 'A warning sign: stop the session'}
      </chakra.button>
      {open && (
        <Box mt={2}>
          <Box mb={2}>
            With any of these now, nobody trains on: stop, and get emergency care today. What is chosen goes into the health answers, and
            there is no session until a doctor has cleared it.
          </Box>
          <Grid gap={2} templateColumns={{ base: '1fr', md: '1fr 1fr' }} role="group" aria-label="Warning signs">
            {view.warnings.map((one) => (
              <BigKey key={one.sign} pressed={sign === one.sign} onPress={() => setSign(one.sign)} colors={colors}>
                {capital(one.words)}
              </BigKey>
            ))}
          </Grid>
          {chosen && (
            <Grid mt={3} borderLeft="6px solid" borderColor={colors.stop} pl={3}>
              <BigKey filled="filled" onPress={() => onWarn(chosen.sign)} colors={colors}>
                {capital(chosen.words)}: end the session and refer
              </BigKey>
            </Grid>
          )}
        </Box>
      )}
    </Box>
  )
}
