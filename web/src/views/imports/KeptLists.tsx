import { Box, Flex } from '@chakra-ui/react'
import type { KeptList } from '../../api/schema'
import { say } from '../../hooks/said'
import { useClientLists, useTakeBackList } from '../../hooks/useClientLists'
import { ProblemLine } from '../../parts/ProblemLine'
import { atTime } from '../../text/dates'
import { Plain, Section } from '../../ui/form'
import { Failed } from '../../ui/states'

/** Lists that were taken in; each can be taken back as one. */
export function KeptLists() {
  const lists = useClientLists()
  const takeBack = useTakeBackList()
  if (lists.state === 'failed') return <Failed message={lists.message} retry={lists.retry} />
  if (lists.state === 'loading' || lists.data.length === 0) return null
  return (
    <Section title="Taken in">
      {lists.data.map((list) => (
        <Flex key={list.id} gap={4} py={2} borderBottom="1px solid" borderColor="hair" align="center" wrap="wrap" justify="space-between">
          <Box minW={0} overflowWrap="anywhere">
            <Box fontWeight="semibold">{list.name}</Box>
            <Box textStyle="note" color="quiet">
              {done(list)}; {list.by}, {atTime(list.keptAt)}
              {list.takenBackAt && `; taken back ${atTime(list.takenBackAt)}`}
            </Box>
          </Box>
          {!list.takenBackAt && (
            <Plain
              aria-label={`Take back ${list.name}`}
              loading={takeBack.isPending && takeBack.variables === list.id}
              onClick={() =>
                takeBack.mutate(list.id, {
                  onSuccess: ({ stay }) =>
                    say(
                      stay.length === 0
                        ? `${list.name} is taken back.`
                        : `${list.name} is taken back, but for what was changed or trained since: ${stay.join(', ')}.`,
                    ),
                })
              }
            >
              Take back
            </Plain>
          )}
        </Flex>
      ))}
      <ProblemLine problem={takeBack.error} of={lists.data} />
    </Section>
  )
}

function done({ made, added }: KeptList) {
  return [made > 0 && `${made} new`, added > 0 && `${added} on file before`].filter(Boolean).join(', ')
}
