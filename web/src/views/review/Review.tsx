import { Box, chakra, Flex } from '@chakra-ui/react'
import { useParams } from 'react-router'
import type { ReviewView } from '../../api/schema'
import { say } from '../../hooks/said'
import { useReview } from '../../hooks/useReview'
import { WaitingList } from '../../parts/WaitingList'
import { paperDate, shortDate } from '../../text/dates'
import { Plain } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { Answers } from './Answers'
import { DoneWeeks } from './DoneWeeks'
import { NextBlock } from './NextBlock'
import { Returning } from './Returning'
import { Stronger } from './Stronger'
import { WeakPoint } from './WeakPoint'

/** The client's story, read from top to bottom: four answers, under each the picture that shows it. */
export function Review() {
  const { id = '' } = useParams()
  const review = useReview(id)
  if (review.state === 'failed') return <Failed message={review.message} retry={review.retry} />
  if (review.state === 'loading') return <Loading label="Fetching the review" rows={8} />
  return <ReviewPage key={id} clientId={id} view={review.data} />
}

function ReviewPage({ clientId, view }: { clientId: string; view: ReviewView }) {
  return (
    <Flex direction="column" minH="100%">
      <Flex px={5} minH="52px" align="center" gap={4} borderBottom="1px solid" borderColor="hair" wrap="wrap" py={1.5}>
        <chakra.h1 textStyle="lead" fontWeight="strong">
          Review of {view.client}
        </chakra.h1>
        <Box color="quiet" textStyle="note" flex="1">
          {paperDate(view.date)}
        </Box>
        <Plain onClick={() => void copy(view.message)} data-print="no">
          Copy this week’s message
        </Plain>
        <Plain onClick={() => print()} data-print="no">
          Print
        </Plain>
      </Flex>
      <Answers view={view} />
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW={0}>
          <Flex direction={{ base: 'column', xl: 'row' }} borderBottom="1px solid" borderColor="hair">
            <Part title="Weak point" border>
              <WeakPoint findings={view.findings} />
            </Part>
            <Part title="Stronger">
              <Stronger view={view} />
            </Part>
          </Flex>
          <Part title="Done">
            <DoneWeeks view={view} />
            {view.pain.length > 0 && <PainLine view={view} />}
          </Part>
          {view.return.length > 0 && (
            <Part title="Return">
              <Returning rows={view.return} />
            </Part>
          )}
        </Box>
        <Box
          as="aside"
          data-print="no"
          aria-label="Next"
          bg="panel"
          color="panel.ink"
          w={{ base: '100%', lg: '320px' }}
          flexShrink={0}
          px={5}
          py={4}
        >
          <chakra.h2 textStyle="title" fontWeight="strong" mb={2}>
            Next
          </chakra.h2>
          <WaitingList
            waiting={view.waiting.map((line) => ({ clientId, line }))}
            answered={view.answered[0] && { clientId, line: view.answered[0] }}
          />
          <NextBlock clientId={clientId} />
        </Box>
      </Flex>
    </Flex>
  )
}

async function copy(text: string) {
  try {
    await navigator.clipboard.writeText(text)
    say('Copied: paste it where you write to the client.')
  } catch {
    say('This browser does not let the page copy.')
  }
}

function Part({ title, border = false, children }: { title: string; border?: boolean; children: React.ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={title}
      flex="1"
      minW={0}
      px={5}
      py={4}
      borderRightWidth={border ? { xl: '1px' } : undefined}
      borderRightStyle="solid"
      borderRightColor="hair"
    >
      <chakra.h2 textStyle="lead" fontWeight="strong" mb={2}>
        {title}
      </chakra.h2>
      {children}
    </Box>
  )
}

/** Pain with its exercises, the last first. */
function PainLine({ view }: { view: ReviewView }) {
  const last = view.pain.slice(-6).reverse()
  return (
    <Box mt={3} textStyle="note">
      Pain logged: {last.map((one) => `${shortDate(one.date)} ${one.exercise} ${String(one.score)} of 10`).join('; ')}.
    </Box>
  )
}
