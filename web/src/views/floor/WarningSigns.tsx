import { Box, chakra, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { FloorView, HealthFlag } from '../../api/schema'
import { BigKey } from './BigKey'
import type { FloorColors } from './floor-theme'

/** The signs with which nobody trains on: one is chosen, and a second key ends the session. It needs no network. */
export function WarningSigns({ view, onWarn, colors }: { view: FloorView; onWarn: (sign: HealthFlag) => void; colors: FloorColors }) {
  const [open, setOpen] = useState(false)
  const [sign, setSign] = useState<HealthFlag | null>(null)
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
                {one.words.charAt(0).toUpperCase() + one.words.slice(1)}
              </BigKey>
            ))}
          </Grid>
          {sign && (
            <Box mt={3}>
              <BigKey filled="filled" onPress={() => onWarn(sign)} colors={colors}>
                End the session and refer
              </BigKey>
            </Box>
          )}
        </Box>
      )}
    </Box>
  )
}
