import { Box, Flex } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { EditSection } from '../../api/schema'
import { useVersionDifference } from '../../hooks/useBlock'
import type { LeftEdits } from '../../hooks/useLeftEdits'
import { weekdayNames } from '../../text/codes'
import { Plain, Primary } from '../../ui/form'

interface Props {
  clientId: string
  /** The version that was kept meanwhile. */
  number: number
  left: LeftEdits
  name: (exercise: string) => string
}

/** Edits that somebody else's version left behind, and the ways on. */
export function Left({ clientId, number, left, name }: Props) {
  const [both, setBoth] = useState(false)
  const first = useRef<HTMLButtonElement>(null)
  useEffect(() => first.current?.focus(), [])
  const count = left.own.length === 1 ? 'one change' : `${left.own.length} changes`
  return (
    <Box role="alertdialog" aria-label="Changed meanwhile" mx={2.5} my={3} p={4} borderLeft="6px solid" borderColor="stop" bg="plate">
      <Box fontWeight="semibold">
        Version {number} was kept elsewhere meanwhile. Your {count} to version {left.number} {left.own.length === 1 ? 'is' : 'are'} not in
        it.
      </Box>
      <Box mb={3}>Nothing is lost. Choose how the two go together, then keep.</Box>
      <Flex gap={3} wrap="wrap">
        <Primary ref={first} onClick={left.layOver}>
          Take the newer and lay mine over it
        </Primary>
        <Plain onClick={left.keepMine}>Go back to version {left.number} with mine on it</Plain>
        <Plain onClick={left.leave}>Take the newer, leave mine</Plain>
        <Plain aria-expanded={both} onClick={() => setBoth(!both)}>
          Look at both
        </Plain>
      </Flex>
      {both && (
        <Flex gap={8} wrap="wrap" mt={3} textStyle="note">
          <Theirs clientId={clientId} from={left.number} to={number} />
          <Box>
            <Box color="quiet">Mine</Box>
            {left.own.map((edit, i) => (
              <Box key={`mine-${i + 1}`}>{told(edit, name)}</Box>
            ))}
          </Box>
        </Flex>
      )}
    </Box>
  )
}

function Theirs({ clientId, from, to }: { clientId: string; from: number; to: number }) {
  const difference = useVersionDifference(clientId, from, to)
  return (
    <Box>
      <Box color="quiet">What the newer has otherwise</Box>
      {difference.state === 'loading' && 'Comparing.'}
      {difference.state === 'failed' && difference.message}
      {difference.state === 'ready' &&
        (difference.data.changes.length === 0 ? 'nothing' : difference.data.changes.map((change) => <Box key={change}>{change}</Box>))}
    </Box>
  )
}

/** "Week 2, Monday, front squat" */
const told = (edit: EditSection, name: (exercise: string) => string): string =>
  [`Week ${edit.week}`, weekdayNames[edit.day] ?? edit.day, ...(edit.exercise ? [name(edit.exercise).toLowerCase()] : [])].join(', ')
