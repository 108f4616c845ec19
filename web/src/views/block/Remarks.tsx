import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo, type ReactNode, useMemo, useState } from 'react'
import type { BlockView, DraftView } from '../../api/schema'
import { useBlockDraft } from '../../hooks/useBlock'
import type { BlockEdits } from '../../hooks/useBlockEdits'
import { weekdayNames, words } from '../../text/codes'
import { Plain } from '../../ui/form'
import type { Place } from '../../parts/grid'
import { type Remark, together, weeksInWords } from './remarks'

interface Props {
  clientId: string
  edits: BlockEdits
  name: (exercise: string) => string
  onPlace: (place: Place) => void
}

/** What the checks say, each at its place, with a fix that can be looked at before it is taken. */
export function Remarks({ clientId, edits, name, onPlace }: Props) {
  const [at, setAt] = useState<string | null>(null)
  const remarks = useMemo(() => together(edits.view.remarks), [edits.view.remarks])
  return (
    <Box px={2.5} py={4} as="section" id="remarks" aria-label="Checks">
      <chakra.h2 fontWeight="strong" mb={2}>
        Checks
      </chakra.h2>
      {remarks.length === 0 && <Box color="quiet">Nothing to remark.</Box>}
      {remarks.map((remark) => (
        <RemarkRow key={remark.key} remark={remark} name={name} onPlace={onPlace} onSee={setAt} open={at === remark.key}>
          {at === remark.key && (
            <FixPreview
              clientId={clientId}
              edits={edits}
              remark={remark}
              onTake={() => {
                edits.acts.push(...remark.edits)
                setAt(null)
              }}
              onLeave={() => setAt(null)}
            />
          )}
        </RemarkRow>
      ))}
    </Box>
  )
}

interface RemarkProps {
  remark: Remark
  name: (exercise: string) => string
  onPlace: (place: Place) => void
  onSee: (key: string) => void
  open: boolean
  children: ReactNode
}

const RemarkRow = memo(function RemarkRow({ remark, name, onPlace, onSee, open, children }: RemarkProps) {
  const { severity, because, fix } = remark.first
  return (
    <Flex columnGap={3} rowGap={1} py={1.5} borderTop="1px solid" borderColor="hair" wrap={{ base: 'wrap', md: 'nowrap' }}>
      <Box w="64px" flexShrink={0} fontWeight="semibold" color={severity === 'info' ? 'quiet' : 'stop'}>
        {words(severity)}
      </Box>
      <Box w="132px" flexShrink={0} color="quiet">
        <Where remark={remark} onPlace={onPlace} name={name} />
      </Box>
      <Box flex={{ base: '1 1 100%', md: '1' }} minW={0}>
        {because} {fix && <chakra.span color="quiet">{fix}</chakra.span>}
        {children}
      </Box>
      {remark.edits.length > 0 && !open && (
        <Plain size="xs" onClick={() => onSee(remark.key)}>
          See the fix
        </Plain>
      )}
    </Flex>
  )
})

function Where({ remark, onPlace, name }: { remark: Remark; onPlace: (place: Place) => void; name: (exercise: string) => string }) {
  const { week, day, exercise } = remark.first
  if (week === null) return <>block</>
  const text = day === null ? weeksInWords(remark.weeks) : `${weeksInWords(remark.weeks)}, ${weekdayNames[day]}`
  if (day === null || exercise === null || name(exercise) === exercise) return <>{text}</>
  return (
    <chakra.button type="button" minH="cell" textAlign="left" textDecoration="underline" onClick={() => onPlace({ week, day, exercise })}>
      {text}
    </chakra.button>
  )
}

interface FixProps {
  clientId: string
  edits: BlockEdits
  remark: Remark
  onTake: () => void
  onLeave: () => void
}

/** What a fix would do: which remarks go, which come, and the minutes and sets that move. */
function FixPreview({ clientId, edits, remark, onTake, onLeave }: FixProps) {
  const after = useBlockDraft(clientId, edits.view.number, [...edits.edits, ...remark.edits])
  return (
    <Box mt={2} borderLeft="4px solid" borderColor="ink" pl={3} role="status">
      {after.state === 'loading' && 'Working out what it would do.'}
      {after.state === 'failed' && after.message}
      {after.state === 'ready' && (
        <ul>
          {differences(edits.view, after.data).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <Flex gap={2} mt={2}>
        <Plain size="xs" onClick={onTake} disabled={after.state !== 'ready'}>
          Take the fix
        </Plain>
        <Plain size="xs" onClick={onLeave}>
          Leave it
        </Plain>
      </Flex>
    </Box>
  )
}

function differences(before: BlockView, after: DraftView): string[] {
  const had = together(before.remarks)
  const has = together(after.remarks)
  const lacks = (list: readonly Remark[], one: Remark) => list.every((other) => other.key !== one.key)
  const lines = [
    ...had.filter((one) => lacks(has, one)).map((one) => `Gone: ${one.first.because}`),
    ...has.filter((one) => lacks(had, one)).map((one) => `New: ${one.first.because}`),
    ...after.totals.flatMap((week, i) => {
      const was = before.totals[i]
      return was && was.minutes !== week.minutes ? [`Week ${week.week}: ${was.minutes} to ${week.minutes} minutes.`] : []
    }),
  ]
  return lines.length > 0 ? lines : ['It would change a load or its place and nothing else.']
}
