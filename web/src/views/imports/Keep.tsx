import { Box, Flex, Progress } from '@chakra-ui/react'
import { useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { LogReadingView, ReadLog } from '../../api/schema'
import { say } from '../../hooks/said'
import { useKeepLog } from '../../hooks/useImports'
import { ProblemLine } from '../../parts/ProblemLine'
import { withYear } from '../../text/dates'
import { Plain, Primary, Section } from '../../ui/form'

const counted = (sets: number) => `${sets.toLocaleString('en')} ${sets === 1 ? 'set' : 'sets'}`

/** The one thing to do with a file that was understood; how far it is, and a way out. */
export function Keep({ clientId, asked, view, onDone }: Props) {
  const { keep, progress, cancel } = useKeepLog(clientId)
  // One file is kept once, however often it is sent.
  const [id] = useState(() => uuid())
  const run = () =>
    keep.mutate(
      { ...asked, id, leaveOut: view.refusedRows > 0 },
      {
        onSuccess: (line) => {
          say(`${counted(line.of)} kept.`)
          onDone()
        },
      },
    )
  const cancelled = keep.error?.name === 'AbortError'
  return (
    <Section title="Keep it">
      <Box mb={3} maxW="60ch">
        {view.sets > 0 && view.firstDay && view.lastDay
          ? `${counted(view.sets)} from ${withYear(view.firstDay)} to ${withYear(view.lastDay)}.`
          : 'There is no set that is not in the log already.'}
        {view.sets > 0 && view.alreadyThere > 0 && ` ${counted(view.alreadyThere)} are in the log already and are not kept again.`}
        {view.refusedRows > 0 && ` ${view.refusedRows} rows that cannot be read are left out.`}
      </Box>
      {keep.isPending && (
        <Progress.Root value={progress ? (100 * progress.done) / progress.of : null} aria-label="Keeping the sets" maxW="column" mb={3}>
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      )}
      <Flex gap={3} wrap="wrap" align="center">
        <Primary onClick={run} disabled={view.sets === 0} loading={keep.isPending} loadingText="Keeping">
          Keep {counted(view.sets)}
        </Primary>
        {keep.isPending && <Plain onClick={cancel}>Cancel</Plain>}
        {cancelled && <Box role="status">Cancelled. Nothing of the file was kept.</Box>}
      </Flex>
      {!cancelled && <ProblemLine problem={keep.error} of={view} />}
    </Section>
  )
}

interface Props {
  clientId: string
  asked: ReadLog
  view: LogReadingView
  onDone: () => void
}
