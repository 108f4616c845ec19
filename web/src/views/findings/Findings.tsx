import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useParams } from 'react-router'
import type { FindingLine, FindingsView } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { useDecide, useFindings, useTakeBack } from '../../hooks/useFindings'
import { say } from '../../hooks/said'
import { shortDate } from '../../text/dates'
import { Plain } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { AddFinding } from './AddFinding'
import { causes, keyOf } from './causes'
import { FindingRationale } from './FindingRationale'
import { FindingPanel } from './FindingPanel'
import { FindingRow } from './FindingRow'
import { OutOfDate } from '../../parts/OutOfDate'
import { TextLink } from '../../ui/TextLink'

/** What was found, grouped by cause, each with its evidence; the coach accepts, rejects or adds. */
export function Findings() {
  const { id = '' } = useParams()
  const findings = useFindings(id)
  if (findings.state === 'failed') return <Failed message={findings.message} retry={findings.retry} />
  if (findings.state === 'loading') return <Loading label="Fetching the findings" rows={6} />
  return <FindingsPage key={id} clientId={id} view={findings.data} />
}

function FindingsPage({ clientId, view }: { clientId: string; view: FindingsView }) {
  const decide = useDecide(clientId)
  const takeBack = useTakeBack(clientId)
  const [at, setAt] = useState<string | null>(null)
  const [rejecting, setRejecting] = useState<string | null>(null)
  const [adding, setAdding] = useState(false)
  const focused = view.findings.find((finding) => keyOf(finding) === at) ?? view.findings[0]
  const named = (finding: FindingLine) => ({ code: finding.code, cause: finding.cause ?? '' })
  const accept = (finding: FindingLine) =>
    finding.cause && decide.mutate({ ...named(finding), verdict: 'accepted' }, { onSuccess: () => say(`${finding.title}: accepted.`) })
  const undo = (finding: FindingLine) =>
    finding.verdict && takeBack.mutate(named(finding), { onSuccess: () => say(`${finding.title}: what you said is taken back.`) })
  // The keys are a row's own: pressed in its buttons they would decide of another.
  const inRow = (act: (finding: FindingLine) => void) => (event: KeyboardEvent) => {
    if (!focused || !(event.target instanceof HTMLElement) || !event.target.matches('[data-finding]')) return false
    act(focused)
  }
  const onKey = useListKeys('[data-finding]', {
    accept: inRow(accept),
    reject: inRow((finding) => finding.cause && setRejecting(keyOf(finding))),
    unsay: inRow(undo),
  })
  const problem = decide.error ?? takeBack.error
  return (
    <Flex direction="column" h="100%" minH={0}>
      <Flex flex="1" minH={0} direction={{ base: 'column', md: 'row' }} overflow={{ base: 'auto', md: 'hidden' }}>
        <Box flex="1" minW={0} overflow={{ md: 'auto' }}>
          <Flex px={5} minH="52px" align="center" gap={4} borderBottom="1px solid" borderColor="hair" wrap="wrap" py={1.5}>
            <chakra.h1 textStyle="lead" fontWeight="strong">
              Findings
            </chakra.h1>
            <Box color="quiet" textStyle="note">
              {view.screenedOn
                ? `from the screen of ${shortDate(view.screenedOn)}, the lifts, the maxes and what the client reports`
                : 'no screen yet'}
            </Box>
            <Plain ml="auto" onClick={() => setAdding(!adding)} aria-expanded={adding}>
              Add one of your own
            </Plain>
          </Flex>
          {view.planOutOfDate && <OutOfDate clientId={clientId} number={view.planNumber ?? 0} />}
          {view.referral && (
            <Box p={4}>
              <Caution word={view.referral.level === 'stop' ? 'Stop' : 'Refer'}>{view.referral.text}</Caution>
            </Box>
          )}
          {problem && (
            <Box role="alert" px={5} py={2} color="stop" fontWeight="semibold">
              {problem.message}
            </Box>
          )}
          {adding && <AddFinding clientId={clientId} names={view.names} onDone={() => setAdding(false)} />}
          {view.findings.length === 0 && !adding && <NothingFound clientId={clientId} screened={view.screenedOn !== null} />}
          <Box onKeyDown={onKey}>
            {causes.map((cause) => {
              const rows = view.findings.filter((finding) => finding.cause === cause.code)
              if (rows.length === 0) return null
              return (
                <Box as="section" key={cause.name} aria-label={cause.name}>
                  <Flex px={5} py={2} bg="plate" borderBottom="1px solid" borderColor="hair" gap={3} align="baseline">
                    <chakra.h2 fontWeight="strong">{cause.name}</chakra.h2>
                    <Box textStyle="note" color="quiet">
                      {cause.more}
                    </Box>
                  </Flex>
                  {rows.map((finding) => (
                    <FindingRow
                      key={keyOf(finding)}
                      finding={finding}
                      focused={finding === focused}
                      rejecting={rejecting === keyOf(finding)}
                      onFocus={() => setAt(keyOf(finding))}
                      onAccept={() => accept(finding)}
                      onReject={(reason) => {
                        decide.mutate(
                          { ...named(finding), verdict: 'rejected', reason },
                          { onSuccess: () => say(`${finding.title}: rejected.`) },
                        )
                        setRejecting(null)
                      }}
                      onAskReject={() => setRejecting(rejecting === keyOf(finding) ? null : keyOf(finding))}
                      onUndo={() => undo(finding)}
                    />
                  ))}
                </Box>
              )
            })}
          </Box>
        </Box>
        {focused && <FindingPanel finding={focused} />}
      </Flex>
      {focused && <FindingRationale clientId={clientId} finding={focused} />}
    </Flex>
  )
}

function NothingFound({ clientId, screened }: { clientId: string; screened: boolean }) {
  return (
    <Box px={5} py={6} maxW="60ch">
      <Box fontWeight="semibold" textStyle="lead">
        {screened ? 'Nothing stands out.' : 'Nothing to find anything from yet.'}
      </Box>
      <Box color="quiet" mt={1} mb={4}>
        {screened
          ? 'Every test that was done is adequate, and no fault was recorded.'
          : 'A finding always rests on a measurement: take the screen, or record a fault that you saw in a lift.'}
      </Box>
      <TextLink to={`/clients/${clientId}/screen`}>{screened ? 'Back to the screen' : 'Take the screen'}</TextLink>
    </Box>
  )
}
