import { keyHint } from '../../keys/registry'
import { Box, chakra, Flex } from '@chakra-ui/react'
import { limits } from '../../api/limits'
import { useEffect, useRef, useState } from 'react'
import type { FindingLine } from '../../api/schema'
import { shortDate } from '../../text/dates'
import { plain } from '../../text/numbers'
import { Plain, Primary, TextField } from '../../ui/form'
import { Gauge } from '../../ui/Gauge'
import { keyOf } from './causes'
import { Severity } from './Severity'
import { capital } from '../../text/sentence'

interface Props {
  finding: FindingLine
  focused: boolean
  rejecting: boolean
  onFocus: () => void
  onAccept: () => void
  onReject: (reason: string) => void
  onAskReject: () => void
  onUndo: () => void
}

const verdicts = { accepted: 'Accepted', rejected: 'Rejected', added: 'Your own' } as const

/** One finding: how grave, how sure, its evidence, what it asks for, and the coach's word. */
export function FindingRow({ finding, focused, rejecting, onFocus, onAccept, onReject, onAskReject, onUndo }: Props) {
  const rejected = finding.verdict === 'rejected'
  const retest = retestOf(finding)
  return (
    <Box
      borderBottom="1px solid"
      borderColor="hair"
      borderLeft="4px solid"
      borderLeftColor={focused ? 'ink' : 'transparent'}
      px={4}
      py={3.5}
      onClick={onFocus}
      bg={focused ? 'lifted' : undefined}
    >
      <Flex gap={4} align="flex-start" wrap="wrap">
        <chakra.button
          type="button"
          data-finding={keyOf(finding)}
          onFocus={onFocus}
          aria-current={focused ? 'true' : undefined}
          textAlign="left"
          flex="1"
          minW="200px"
          minH="chip"
        >
          <Flex align="center" gap={3} wrap="wrap">
            <Box textStyle="lead" fontWeight="strong" textDecoration={rejected ? 'line-through' : undefined}>
              {finding.title}
            </Box>
            <Severity value={finding.severity} />
            <Box textStyle="note" color="quiet">
              {plain(finding.confidence * 100, 0)} % sure
            </Box>
          </Flex>
        </chakra.button>
        <Flex gap={2} align="center">
          {finding.verdict && (
            <Box textStyle="note" fontWeight="semibold">
              {verdicts[finding.verdict]}
            </Box>
          )}
          {finding.cause && !finding.verdict && (
            <>
              <Plain size="sm" {...keyHint('accept')} onClick={onAccept} aria-label={`Accept: ${finding.title}`}>
                Accept
              </Plain>
              <Plain
                size="sm"
                {...keyHint('reject')}
                onClick={onAskReject}
                aria-label={`Reject: ${finding.title}`}
                aria-expanded={rejecting}
              >
                Reject
              </Plain>
            </>
          )}
          {finding.verdict && (
            <Plain size="sm" {...keyHint('unsay')} onClick={onUndo} aria-label={`Undo: ${finding.title}`}>
              Undo
            </Plain>
          )}
        </Flex>
      </Flex>
      {rejecting && <Rejection onReject={onReject} />}
      {rejected && finding.reason && (
        <Box mt={1} color="quiet">
          Rejected: {finding.reason}
        </Box>
      )}
      <Box mt={2} display="grid" gap={1.5}>
        {finding.evidence.map((piece) => (
          <Flex key={piece.measure} gap={3} align="center" wrap={{ base: 'wrap', lg: 'nowrap' }} textStyle="plain">
            {piece.number !== null && piece.band && (
              <Gauge value={piece.number} before={piece.before} norm={piece.band} label={piece.sentence} />
            )}
            <Box>
              {capital(piece.sentence)}
              {piece.before !== null && piece.beforeOn && (
                <chakra.span color="quiet">
                  , {plain(piece.before, 1)} on {shortDate(piece.beforeOn)}
                </chakra.span>
              )}
            </Box>
          </Flex>
        ))}
      </Box>
      {!rejected && (
        <Box mt={2} color="quiet" maxW="reading">
          {finding.going} {finding.toDo}
          {retest && ` Due from ${retest}.`}
        </Box>
      )}
    </Box>
  )
}

function retestOf(finding: FindingLine): string | null {
  return finding.retestFrom && finding.retestFirstWeek !== null && finding.retestFirstWeek > 1 ? shortDate(finding.retestFrom) : null
}

/** A rejection needs a few words on why; the finding stays visible with them. */
function Rejection({ onReject }: { onReject: (reason: string) => void }) {
  const [reason, setReason] = useState('')
  const form = useRef<HTMLFormElement>(null)
  useEffect(() => void form.current?.querySelector('input')?.focus(), [])
  return (
    <chakra.form
      ref={form}
      display="flex"
      gap={3}
      alignItems="end"
      mt={3}
      maxW="560px"
      onSubmit={(event) => {
        event.preventDefault()
        if (reason.trim() !== '') onReject(reason.trim())
      }}
    >
      <Box flex="1">
        <TextField
          label="Why not?"
          value={reason}
          maxLength={limits.decideFinding.reason.length}
          onChange={(event) => setReason(event.target.value)}
        />
      </Box>
      <Primary type="submit" disabled={reason.trim() === ''}>
        Reject
      </Primary>
    </chakra.form>
  )
}
