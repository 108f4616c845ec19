import { Box, chakra, Flex } from '@chakra-ui/react'
import { useRef } from 'react'
import { NavLink, useLocation } from 'react-router'
import type { StationState } from '../api/schema'
import { useStations } from '../hooks/useClients'
import { useInSight } from '../hooks/useInSight'

export const stations = [
  { key: '1', path: 'intake', name: 'Intake' },
  { key: '2', path: 'screen', name: 'Screen' },
  { key: '3', path: 'findings', name: 'Findings' },
  { key: '4', path: 'levers', name: 'Levers' },
  { key: '5', path: 'exercises', name: 'Exercises' },
  { key: '6', path: 'block', name: 'Block' },
  { key: '7', path: 'floor', name: 'Floor' },
  { key: '8', path: 'review', name: 'Review' },
] as const

const stateWords: Record<StationState, string> = {
  empty: 'nothing yet',
  begun: 'begun: days, kit and one max are what planning rests on',
  done: 'done',
  'out-of-date': 'rests on older answers',
}

/** The stations of this client's file in working order, each with its state. */
export function StationLine({ clientId }: { clientId: string }) {
  const asked = useStations(clientId)
  const path = useLocation().pathname
  const onHealth = path.endsWith('/health')
  const states: Record<string, StationState> = asked.state === 'ready' ? { ...asked.data, levers: 'done' } : {}
  const line = useRef<HTMLDivElement>(null)
  useInSight(line, path)
  return (
    <Flex as="nav" ref={line} aria-label="Stations" align="stretch">
      {stations.map((station) => (
        <NavLink key={station.path} to={`/clients/${clientId}/${station.path}`} style={{ display: 'flex' }}>
          {({ isActive: isHere }) => {
            const isActive = isHere || (onHealth && station.path === 'intake')
            return (
              <Flex
                align="center"
                gap={1.5}
                px={{ base: 3, lg: 1.5, '2xl': 3 }}
                borderRight="1px solid"
                borderColor="hair"
                borderBottom="3px solid"
                borderBottomColor={isActive ? 'ink' : 'transparent'}
                bg={isActive ? 'ground' : undefined}
                fontWeight={isActive ? 'strong' : 'medium'}
                color="ink"
              >
                <Mark state={states[station.path] ?? 'empty'} />
                {station.name}
                <chakra.span srOnly>, {stateWords[states[station.path] ?? 'empty']}</chakra.span>
              </Flex>
            )
          }}
        </NavLink>
      ))}
      <NavLink to={`/clients/${clientId}/people`} style={{ display: 'flex' }}>
        {({ isActive }) => (
          <Flex
            align="center"
            px={{ base: 3, lg: 1.5, '2xl': 3 }}
            borderBottom="3px solid"
            borderBottomColor={isActive ? 'ink' : 'transparent'}
            bg={isActive ? 'ground' : undefined}
            fontWeight={isActive ? 'strong' : 'medium'}
            color="ink"
          >
            People
          </Flex>
        )}
      </NavLink>
    </Flex>
  )
}

function Mark({ state }: { state: StationState }) {
  return (
    <Box
      aria-hidden
      w="11px"
      h="11px"
      border="1.5px solid"
      borderColor="quiet"
      title={stateWords[state]}
      bg={state === 'done' ? 'quiet' : 'transparent'}
      position="relative"
      overflow="hidden"
      _after={
        state === 'out-of-date'
          ? { content: '""', position: 'absolute', inset: 0, bg: 'quiet', clipPath: 'polygon(0 0, 100% 0, 0 100%)' }
          : state === 'begun'
            ? { content: '""', position: 'absolute', insetX: 0, bottom: 0, h: '50%', bg: 'quiet' }
            : undefined
      }
    />
  )
}
