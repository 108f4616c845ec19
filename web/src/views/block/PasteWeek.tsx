import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { limits } from '../../api/limits'
import type { NameMeans, WeekView } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useSettled } from '../../hooks/useSettled'
import { useKeepWeek, usePastedWeek } from '../../hooks/useTemplates'
import { Names } from '../../parts/Names'
import { ProblemLine } from '../../parts/ProblemLine'
import { RefusedRows } from '../../parts/RefusedRows'
import { typedNumber } from '../../text/numbers'
import { LinesField, NumberField, Plain, TextField } from '../../ui/form'

const settling = 400

interface Props {
  clientId: string
  onKept: (template: string) => void
  onLeave: () => void
}

/** A week as it stands in a spreadsheet, seen as it was understood, then kept as a template. */
export function PasteWeek({ clientId, onKept, onLeave }: Props) {
  const draft = useDraft(`${clientId}.week`, { text: '', name: 'Pasted week', weeks: '4' })
  const [names, setNames] = useState<readonly NameMeans[]>([])
  const { text, name, weeks } = draft.value
  const settled = useSettled(text, settling)
  const reading = usePastedWeek({ text: settled, names: [...names] })
  const keep = useKeepWeek()
  const view = settled.trim() === '' ? undefined : reading.data
  const run = () =>
    void keep
      .mutateAsync({
        text,
        name,
        names: [...names],
        weeks: view && view.weeks > 1 ? undefined : typedNumber(weeks),
        leaveOut: true,
      })
      .then(
        (made) => {
          draft.reset()
          onKept(made.id)
        },
        () => undefined,
      )
  return (
    <Box borderLeft="6px solid" borderColor="edge" pl={4} mb={4} maxW="70ch">
      <LinesField label="A week from a spreadsheet" value={text} rows={7} onValue={(next) => draft.set({ text: next })} />
      <Box textStyle="note" color="quiet" mt={1}>
        Each day with its exercises, a row each, such as Leg press 3x10 @8: sets and repetitions, percent or RPE, tempo and rest, in columns
        or behind the name.
      </Box>
      <ProblemLine problem={reading.error} of={settled} />
      {view && <Understood view={view} />}
      {view && view.unknown.length > 0 && <Names unknown={view.unknown} onName={(means) => setNames((before) => [...before, means])} />}
      <Flex gap={4} wrap="wrap" align="flex-end" mt={3}>
        {view && view.sessions.length > 0 && (
          <>
            <Box w="220px">
              <TextField
                label="Name"
                value={name}
                maxLength={limits.keepWeek.name.length}
                onChange={(e) => draft.set({ name: e.target.value })}
              />
            </Box>
            {view.weeks <= 1 && (
              <Box w="120px">
                <NumberField label="Weeks in a row" value={weeks} onValue={(value) => draft.set({ weeks: value })} />
              </Box>
            )}
            <Plain type="button" loading={keep.isPending} loadingText="Keeping it" onClick={run}>
              Keep it as a template
            </Plain>
          </>
        )}
        <Plain type="button" onClick={onLeave}>
          Leave it
        </Plain>
      </Flex>
      <ProblemLine problem={keep.error} of={draft.value} />
    </Box>
  )
}

function Understood({ view }: { view: WeekView }) {
  return (
    <Box role="status" mt={3}>
      <RefusedRows
        title={
          view.refused.length === 1
            ? 'One row cannot be read and is left out'
            : `${view.refused.length} rows cannot be read and are left out`
        }
        lines={view.refused}
        count={view.refused.length}
      />
      {view.sessions.map((session) => (
        <Box key={`${session.week} ${session.named}`} mb={2}>
          <Box fontWeight="semibold">
            {view.weeks > 1 && `Week ${session.week}, `}
            {session.named || 'Session'}
          </Box>
          <chakra.ul listStyleType="none">
            {session.items.map((item) => (
              <li key={item}>{item}</li>
            ))}
          </chakra.ul>
        </Box>
      ))}
      {view.hasRanges && (
        <Box textStyle="note" color="quiet">
          Of a range, such as 8-12, its middle is asked.
        </Box>
      )}
      {view.hasLoads && (
        <Box textStyle="note" color="quiet">
          Loads are not taken: they follow from the client&apos;s maxes by percent, RPE or repetitions.
        </Box>
      )}
    </Box>
  )
}
