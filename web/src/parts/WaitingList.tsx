import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { AnsweredLine, WaitingLine } from '../api/schema'
import { say } from '../hooks/said'
import { useAnswerWaiting, useTakeBackAnswer } from '../hooks/useReview'
import { keyHint } from '../keys/registry'
import { useListKeys } from '../keys/useKeys'
import { addDays, shortDate, today } from '../text/dates'
import { PanelPlain, PanelPrimary } from '../ui/form'
import { TextLink } from '../ui/TextLink'
import { ProblemLine } from './ProblemLine'

const week = 7
const shownAtFirst = 12

/** What waits for the coach: one key does it or opens where it is done, one puts it off for a week, one takes back. */
export function WaitingList({ waiting, answered }: Props) {
  const navigate = useNavigate()
  const answer = useAnswerWaiting()
  const takeBack = useTakeBackAnswer()
  const [all, setAll] = useState(false)
  const act = ({ clientId, line }: Waits) =>
    line.does
      ? answer.mutate({ clientId, key: line.key }, { onSuccess: () => say(`${line.act}: done.`) })
      : void navigate(`/clients/${clientId}/${line.opens}`)
  const putOff = ({ clientId, line }: Waits) =>
    answer.mutate({ clientId, key: line.key, until: addDays(today(), week) }, { onSuccess: () => say('Put off for a week.') })
  const undo = () =>
    answered && takeBack.mutate({ clientId: answered.clientId, key: answered.line.key }, { onSuccess: () => say('Taken back.') })
  const inRow = (does: (one: Waits) => void) => (event: KeyboardEvent) => {
    const id = event.target instanceof HTMLElement ? event.target.dataset.waiting : undefined
    const one = waiting.find((each) => idOf(each) === id)
    return one ? does(one) : false
  }
  const onKey = useListKeys('[data-waiting]', { answer: inRow(act), putOff: inRow(putOff), takeBackAnswer: undo })
  return (
    <Box onKeyDown={onKey}>
      {waiting.length === 0 && <Box color="panel.quiet">Nothing waits.</Box>}
      {waiting.slice(0, all ? waiting.length : shownAtFirst).map((one) => (
        <WaitingRow
          key={idOf(one)}
          one={one}
          busy={answer.isPending && answer.variables.clientId === one.clientId && answer.variables.key === one.line.key}
          onAct={() => act(one)}
          onPutOff={() => putOff(one)}
        />
      ))}
      {!all && waiting.length > shownAtFirst && (
        <Box mt={3}>
          <PanelPlain onClick={() => setAll(true)}>Show all {waiting.length}</PanelPlain>
        </Box>
      )}
      <ProblemLine problem={answer.error ?? takeBack.error} of={waiting} />
      {answered && (
        <Flex mt={3} gap={3} align="center" wrap="wrap" textStyle="note" color="panel.quiet" data-print="no">
          {answered.client && `${answered.client}: `}Answered {shortDate(answered.line.on)}
          {answered.line.until && `, put off to ${shortDate(answered.line.until)}`}.
          <PanelPlain onClick={undo} loading={takeBack.isPending} {...keyHint('takeBackAnswer')}>
            Take back
          </PanelPlain>
        </Flex>
      )}
    </Box>
  )
}

function WaitingRow({ one, busy, onAct, onPutOff }: { one: Waits; busy: boolean; onAct: () => void; onPutOff: () => void }) {
  const { client, clientId, line } = one
  return (
    <Box
      data-waiting={idOf(one)}
      role="group"
      tabIndex={0}
      aria-label={client ? `${client}: ${line.question}` : line.question}
      py={2.5}
      borderTop="1px solid"
      borderColor="panel.hair"
    >
      {client && (
        <TextLink to={`/clients/${clientId}/review`} textStyle="note" color="panel.quiet">
          {client}
        </TextLink>
      )}
      <chakra.h3 fontWeight="semibold">{line.question}</chakra.h3>
      <Box color="panel.quiet" textStyle="note" mt={0.5}>
        {line.evidence}
      </Box>
      <Flex gap={2} mt={2} wrap="wrap" data-print="no">
        <PanelPrimary onClick={onAct} loading={busy} {...keyHint('answer')}>
          {line.act}
        </PanelPrimary>
        <PanelPlain onClick={onPutOff} {...keyHint('putOff')}>
          In a week
        </PanelPlain>
      </Flex>
    </Box>
  )
}

/** Tells one question from another, of whoever it is. */
const idOf = (one: Waits) => `${one.clientId} ${one.line.key}`

interface Waits {
  clientId: string
  /** Named where several clients' stand in one list. */
  client?: string
  line: WaitingLine
}

interface Props {
  waiting: readonly Waits[]
  /** The answer that was given last. */
  answered?: { clientId: string; client?: string; line: AnsweredLine } | null
}
