import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { PlanSpan } from '../../api/schema'
import { useRestoreVersion, useVersionDifference, useVersions } from '../../hooks/useBlock'
import { say } from '../../hooks/said'
import { words } from '../../text/codes'
import { dayName, shortDate } from '../../text/dates'
import { Plain, SelectField } from '../../ui/form'

interface Props {
  clientId: string
  /** The version that is shown. */
  current: number
  standing: readonly PlanSpan[]
  onDone: () => void
}

/** Older versions of the plan: what another has otherwise, and the way back. Going back makes a version of its own. */
export function Versions({ clientId, current, standing, onDone }: Props) {
  const versions = useVersions(clientId)
  const [asked, setAsked] = useState<number | null>(null)
  const [against, setAgainst] = useState(current)
  const difference = useVersionDifference(clientId, asked, against)
  const restore = useRestoreVersion(clientId)
  const goneBackTo = (number: number) => () => {
    say(`Version ${number} is back, as a version of its own.`)
    onDone()
  }
  return (
    <Box as="section" aria-label="Versions" px={2.5} py={3} borderBottom="1px solid" borderColor="hair" textStyle="note" bg="plate">
      <chakra.h2 fontWeight="strong" mb={1}>
        Versions
      </chakra.h2>
      {versions.state === 'loading' && 'Fetching the versions.'}
      {versions.state === 'failed' && versions.message}
      {versions.state === 'ready' &&
        versions.data.map((version) => (
          <Box key={version.number} py={1} borderTop="1px solid" borderColor="hair">
            <Flex gap={3} align="center" wrap="wrap">
              <Box w={{ base: '24px', md: '40px' }} fontWeight="semibold">
                {version.number}
              </Box>
              <Box flex="1">
                {words(version.kind ?? '')}, {version.weeks} weeks from {shortDate(version.start)}; made{' '}
                {dayName(version.madeAt.slice(0, 10))}
                {version.edits > 0 ? `, ${version.edits} by hand` : ''}
              </Box>
              {version.number === current ? (
                <Box color="quiet">shown here</Box>
              ) : (
                <>
                  <Plain
                    size="xs"
                    aria-expanded={asked === version.number}
                    onClick={() => {
                      setAgainst(current)
                      setAsked(asked === version.number ? null : version.number)
                    }}
                  >
                    Compare
                  </Plain>
                  {standing.some((plan) => plan.number === version.number) && <Box color="quiet">stands</Box>}
                  <Plain
                    size="xs"
                    disabled={restore.isPending}
                    onClick={() => restore.mutate(version.number, { onSuccess: goneBackTo(version.number) })}
                  >
                    Go back to it
                  </Plain>
                </>
              )}
            </Flex>
            {asked === version.number && (
              <Box pl={{ base: 0, md: '52px' }} py={1} role="status">
                <Box maxW="220px" mb={2}>
                  <SelectField
                    label="Against version"
                    value={String(against)}
                    options={versions.data
                      .filter((other) => other.number !== version.number)
                      .map((other) => ({
                        value: String(other.number),
                        label: other.number === current ? `${other.number}, shown here` : String(other.number),
                      }))}
                    onValue={(number) => setAgainst(Number(number))}
                  />
                </Box>
                {difference.state === 'loading' && 'Comparing.'}
                {difference.state === 'failed' && difference.message}
                {difference.state === 'ready' &&
                  (difference.data.changes.length === 0 ? (
                    'Nothing differs at today’s maxes.'
                  ) : (
                    <ul>
                      {difference.data.changes.map((change) => (
                        <li key={change}>{change}</li>
                      ))}
                    </ul>
                  ))}
              </Box>
            )}
          </Box>
        ))}
      {restore.error && (
        <Box role="alert" color="stop" fontWeight="semibold">
          {restore.error.message}
        </Box>
      )}
    </Box>
  )
}
