import { Box, chakra, Flex } from '@chakra-ui/react'
import { useNavigate } from 'react-router'
import type { AnsweredLine, WaitingLine } from '../../api/schema'
import { say } from '../../hooks/said'
import { useAnswerWaiting, useTakeBackAnswer } from '../../hooks/useReview'
import { keyHint } from '../../keys/registry'
import { useListKeys } from '../../keys/useKeys'
import { ProblemLine } from '../../parts/ProblemLine'
import { addDays, shortDate, today } from '../../text/dates'
import { PanelPlain, PanelPrimary } from '../../ui/form'

const week = 7

/** What waits for the coach: one key does it or opens where it is done, one puts it off for a week, one takes back. */
export function WaitingList({ clientId, waiting, answered }: Props) {
  const navigate = useNavigate()
  const answer = useAnswerWaiting(clientId)
  const takeBack = useTakeBackAnswer(clientId)
  const last = answered[0]
  const act = (line: WaitingLine) =>
    line.does
      ? answer.mutate({ key: line.key }, { onSuccess: () => say(`${line.act}: done.`) })
      : void navigate(`/clients/${clientId}/${line.opens}`)
  const putOff = (line: WaitingLine) =>
    answer.mutate({ key: line.key, until: addDays(today(), week) }, { onSuccess: () => say('Put off for a week.') })
  const undo = () => last && takeBack.mutate(last.key, { onSuccess: () => say('Taken back.') })
  const inRow = (does: (line: WaitingLine) => void) => (event: KeyboardEvent) => {
    const key = event.target instanceof HTMLElement ? event.target.dataset.waiting : undefined
    const line = waiting.find((one) => one.key === key)
    return line ? does(line) : false
  }
  const onKey = useListKeys('[data-waiting]', { answer: inRow(act), putOff: inRow(putOff), takeBackAnswer: undo })
  return (
    <Box onKeyDown={onKey}>
      {waiting.length === 0 && <Box color="panel.quiet">Nothing waits.</Box>}
      {waiting.map((line) => (
        <Box
          key={line.key}
          data-waiting={line.key}
          role="group"
          tabIndex={0}
          aria-label={line.question}
          py={2.5}
          borderTop="1px solid"
          borderColor="panel.hair"
        >
          <chakra.h3 fontWeight="semibold">{line.question}</chakra.h3>
          <Box color="panel.quiet" textStyle="note" mt={0.5}>
            {line.evidence}
          </Box>
          <Flex gap={2} mt={2} wrap="wrap" data-print="no">
            <PanelPrimary onClick={() => act(line)} loading={answer.isPending && answer.variables.key === line.key} {...keyHint('answer')}>
              {line.act}
            </PanelPrimary>
            <PanelPlain onClick={() => putOff(line)} {...keyHint('putOff')}>
              In a week
            </PanelPlain>
          </Flex>
        </Box>
      ))}
      <ProblemLine problem={answer.error ?? takeBack.error} of={waiting} />
      {last && (
        <Flex mt={3} gap={3} align="center" wrap="wrap" textStyle="note" color="panel.quiet" data-print="no">
          Answered {shortDate(last.on)}
          {last.until && `, put off to ${shortDate(last.until)}`}.
          <PanelPlain onClick={undo} loading={takeBack.isPending} {...keyHint('takeBackAnswer')}>
            Take back
          </PanelPlain>
        </Flex>
      )}
    </Box>
  )
}

interface Props {
  clientId: string
  waiting: readonly WaitingLine[]
  /** The last first. */
  answered: readonly AnsweredLine[]
}
