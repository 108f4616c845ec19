import { Box } from '@chakra-ui/react'
import { useFloorSummary } from '../../hooks/useFloor'
import { dayName } from '../../text/dates'
import { mass, massUnit } from '../../text/numbers'
import type { FloorColors } from './floor-theme'

interface Props {
  clientId: string
  date: string
  colors: FloorColors
}

/** What a session came to: sets against the plan, what the estimates did, what changes next time and why. */
export function Summary({ clientId, date, colors }: Props) {
  const summary = useFloorSummary(clientId, date)
  if (summary.state === 'loading') return <Box mt={4}>Working out what it came to</Box>
  if (summary.state === 'failed') return <Box mt={4}>What it came to cannot be fetched now: {summary.message}</Box>
  const lines = summary.data?.lines ?? []
  return (
    <Box as="section" aria-label="What it came to" mt={4}>
      {lines.map((line) => (
        <Box key={line.exercise} py={3} borderTop="1px solid" borderColor={colors.hair}>
          <Box fontWeight="strong">
            {line.name}: {line.planned > 0 ? `${line.done} of ${line.planned} sets` : `${line.done} sets, in another's place`}
          </Box>
          {line.max && mass(line.max.beforeKg, 1) !== mass(line.max.afterKg, 1) && (
            <Box color={line.max.isClear ? undefined : colors.quiet}>
              Estimate {mass(line.max.beforeKg, 1)} to {mass(line.max.afterKg, 1)} {massUnit()}
              {line.max.isClear ? ', more than it was sure of: look at it.' : ''}
            </Box>
          )}
          {line.gate && <Box fontWeight="semibold">{line.gate}</Box>}
          {line.next && (
            <Box>
              {dayName(line.next.date)}: {mass(line.next.nowKg)} {massUnit()}
              {line.next.nowKg === line.next.beforeKg ? ', as planned.' : `, planned was ${mass(line.next.beforeKg)}. ${line.next.why}`}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  )
}
