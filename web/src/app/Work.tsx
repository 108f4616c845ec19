import { Box, chakra } from '@chakra-ui/react'
import { Suspense } from 'react'
import { Outlet, useLocation } from 'react-router'
import { useSaid } from '../hooks/said'
import { Loading } from '../ui/states'
import { Boundary } from './Boundary'

/** The first thing that a keyboard meets: past the frame to the work. */
export function SkipToWork() {
  return (
    <chakra.a
      href="#work"
      position="absolute"
      left="-999px"
      _focus={{ left: '8px', top: '8px', bg: 'lifted', color: 'ink', p: 2, zIndex: 10 }}
    >
      Skip to the work
    </chakra.a>
  )
}

/** The view in the middle of a frame. */
export function Work() {
  const place = useLocation().pathname
  return (
    <Box as="main" id="work" position="relative" flex="1" minH={0} overflow="auto" tabIndex={-1}>
      <Boundary place={place}>
        <Suspense fallback={<Loading label="Opening" />}>
          <Outlet />
        </Suspense>
      </Boundary>
    </Box>
  )
}

/** What an act did, for who does not see the page. */
export function Said() {
  return (
    <Box role="status" srOnly>
      {useSaid()}
    </Box>
  )
}
