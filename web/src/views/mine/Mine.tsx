import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { AheadView, OpenPractice } from '../../api/schema'
import { useAhead } from '../../hooks/useSharing'
import { useKeepSessions } from '../../hooks/useKeptSessions'
import { usePageTitle } from '../../hooks/usePageTitle'
import { CalendarPart } from '../../parts/CalendarPart'
import { Caution, Failed, Loading } from '../../ui/states'
import { Ahead } from './Ahead'
import { Done } from './Done'
import { HowAreYou } from './HowAreYou'
import { ToCoach } from './ToCoach'

const pages = [
  { key: 'ahead', name: 'Training' },
  { key: 'done', name: 'Done' },
  { key: 'health', name: 'Health' },
  { key: 'note', name: 'Note to coach' },
  { key: 'calendar', name: 'Calendar' },
] as const

type Page = (typeof pages)[number]['key']

/** The lifter's own page: today and the weeks ahead, what was done, how they are, and a note to the coach. */
export function Mine({ open }: { open: OpenPractice }) {
  const id = open.clientId ?? ''
  const mine = useAhead(id)
  const [page, setPage] = useState<Page>('ahead')
  useKeepSessions(id)
  usePageTitle(open.name, open.practice)
  return (
    <Box maxW="column">
      <chakra.h1 srOnly>{open.name}</chakra.h1>
      <Flex as="nav" aria-label="Pages" overflowX="auto" borderBottom="1px solid" borderColor="hair" bg="plate">
        {pages.map((one) => (
          <chakra.button
            key={one.key}
            type="button"
            aria-current={page === one.key ? 'page' : undefined}
            onClick={() => setPage(one.key)}
            px={4}
            minH="target"
            whiteSpace="nowrap"
            fontWeight={page === one.key ? 'strong' : 'medium'}
            borderBottom="3px solid"
            borderBottomColor={page === one.key ? 'ink' : 'transparent'}
          >
            {one.name}
          </chakra.button>
        ))}
      </Flex>
      {mine.state === 'loading' && <Loading label="Fetching your training" />}
      {mine.state === 'failed' && <Failed message={mine.message} retry={mine.retry} />}
      {mine.state === 'ready' && (
        <>
          {mine.data.stop && (
            <Box p={4}>
              <Caution word="Stop">{mine.data.stop}</Caution>
            </Box>
          )}
          <PageOf page={page} id={id} mine={mine.data} />
        </>
      )}
    </Box>
  )
}

function PageOf({ page, id, mine }: { page: Page; id: string; mine: AheadView }) {
  if (page === 'done') return <Done days={mine.done} />
  if (page === 'health') return <HowAreYou id={id} mine={mine} />
  if (page === 'note') return <ToCoach id={id} notes={mine.notes} />
  if (page === 'calendar') return <CalendarPart id={id} />
  return <Ahead id={id} mine={mine} />
}
