import { Box } from '@chakra-ui/react'
import { useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { ClientListView, ReadClientList } from '../../api/schema'
import { say } from '../../hooks/said'
import { useKeepList } from '../../hooks/useClientLists'
import { ProblemLine } from '../../parts/ProblemLine'
import { Primary, Section } from '../../ui/form'

const counted = (count: number) => (count === 1 ? 'one client' : `${count} clients`)

/** The one thing to do with a list that was understood. */
export function KeepList({ asked, view, onDone }: Props) {
  const keep = useKeepList()
  // One list is kept once, however often it is sent.
  const [id] = useState(() => uuid())
  const all = view.made + view.added
  const run = () =>
    // A promise and not the mutation's own callback: this form may be gone before it is called.
    void keep.mutateAsync({ ...asked, id, leaveOut: view.refusedCount > 0 }).then(
      () => {
        say(`The list is kept: ${counted(all)}.`)
        onDone()
      },
      () => undefined,
    )
  return (
    <Section title="Keep it">
      <Box mb={3} maxW="60ch">
        {view.made > 0 && `${view.made === 1 ? 'One new client is' : `${view.made} new clients are`} made. `}
        {view.added > 0 && `${view.added === 1 ? 'One on file gets' : `${view.added} on file get`} the tests and maxes of the list. `}
        {view.refusedCount > 0 &&
          `${view.refusedCount === 1 ? 'One that cannot be read is' : `${view.refusedCount} that cannot be read are`} left out. `}
        {all === 0 ? 'There is no client that can be kept yet.' : 'It can be taken back as one.'}
      </Box>
      <Primary onClick={run} disabled={all === 0} loading={keep.isPending} loadingText="Keeping">
        Keep {counted(all)}
      </Primary>
      <ProblemLine problem={keep.error} of={view} />
    </Section>
  )
}

interface Props {
  asked: ReadClientList
  view: ClientListView
  onDone: () => void
}
