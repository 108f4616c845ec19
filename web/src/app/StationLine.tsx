import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useRef } from 'react'
import { NavLink, useLocation } from 'react-router'
import { useBlock } from '../hooks/useBlock'
import { useFindings } from '../hooks/useFindings'

export const stations = [
  { key: '1', path: 'intake', name: 'Intake' },
  { key: '2', path: 'screen', name: 'Screen' },
  { key: '3', path: 'findings', name: 'Findings' },
  { key: '4', path: 'levers', name: 'Levers' },
  { key: '5', path: 'exercises', name: 'Exercises' },
  { key: '6', path: 'block', name: 'Block' },
  { key: '7', path: 'floor', name: 'Floor' },
] as const

type StationState = 'done' | 'empty' | 'out of date'

/** The stations of this client's file in working order, each with its state. */
export function StationLine({ clientId }: { clientId: string }) {
  const block = useBlock(clientId)
  const view = block.state === 'ready' ? block.data : null
  const found = useFindings(clientId)
  const findings = found.state === 'ready' ? found.data : null
  const path = useLocation().pathname
  const onHealth = path.endsWith('/health')
  const states: Record<string, StationState> = {
    intake: 'done',
    screen: findings?.screenedOn ? 'done' : 'empty',
    findings: findings && findings.findings.length > 0 ? 'done' : 'empty',
    levers: 'done',
    exercises: view?.plan.block ? (view.outOfDate ? 'out of date' : 'done') : 'empty',
    block: view?.plan.block ? (view.outOfDate ? 'out of date' : 'done') : 'empty',
    floor: view?.plan.block ? 'done' : 'empty',
  }
  const line = useRef<HTMLDivElement>(null)
  // On a phone the line is wider than the screen: where one is comes into sight.
  useEffect(() => {
    line.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [path])
  return (
    <Flex as="nav" ref={line} aria-label="Stations" align="stretch">
      {stations.map((station) => (
        <NavLink key={station.path} to={`/clients/${clientId}/${station.path}`} style={{ display: 'flex' }}>
          {({ isActive: isHere }) => {
            const isActive = isHere || (onHealth && station.path === 'intake')
            return (
              <Flex
                align="center"
                gap={2}
                px={4}
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
                <chakra.span srOnly>, {states[station.path]}</chakra.span>
              </Flex>
            )
          }}
        </NavLink>
      ))}
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
      bg={state === 'done' ? 'quiet' : 'transparent'}
      position="relative"
      overflow="hidden"
      _after={
        state === 'out of date'
          ? { content: '""', position: 'absolute', inset: 0, bg: 'quiet', clipPath: 'polygon(0 0, 100% 0, 0 100%)' }
          : undefined
      }
    />
  )
}
