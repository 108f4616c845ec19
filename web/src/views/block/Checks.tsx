import { Box, chakra, Flex } from '@chakra-ui/react'
import type { CheckPart, PassedOverPart } from '../../api/schema'
import { words } from '../../text/codes'

/** What the checks say of this block, and what could not be chosen. */
export function Checks({
  checks,
  passedOver,
  name,
}: {
  checks: readonly CheckPart[]
  passedOver: readonly PassedOverPart[]
  name: (id: string) => string
}) {
  if (checks.length === 0 && passedOver.length === 0) return null
  return (
    <Box px={2.5} py={4} as="section" aria-label="Checks">
      {checks.length > 0 && (
        <>
          <chakra.h2 fontWeight="650" mb={2}>
            Checks
          </chakra.h2>
          {checks.map((check) => (
            <Flex key={check.code + check.where + check.because} gap={3} py={1.5} borderTop="1px solid" borderColor="hair">
              <Box w="64px" flexShrink={0} fontWeight="600" color={check.severity === 'info' ? 'quiet' : 'stop'}>
                {words(check.severity)}
              </Box>
              <Box w="96px" flexShrink={0} color="quiet">
                {check.where}
              </Box>
              <Box>
                {check.because}{' '}
                {check.fix && (
                  <Box as="span" color="quiet">
                    {check.fix}
                  </Box>
                )}
              </Box>
            </Flex>
          ))}
        </>
      )}
      {passedOver.length > 0 && (
        <Box mt={checks.length > 0 ? 5 : 0}>
          <chakra.h2 fontWeight="650" mb={2}>
            Passed over
          </chakra.h2>
          {passedOver.map((row) => (
            <Box key={row.exercise} py={1.5} borderTop="1px solid" borderColor="hair">
              {name(row.exercise)}: {row.because}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  )
}
