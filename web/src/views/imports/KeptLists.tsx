import type { KeptList } from '../../api/schema'
import { say } from '../../hooks/said'
import { useClientLists, useTakeBackList } from '../../hooks/useClientLists'
import { ProblemLine } from '../../parts/ProblemLine'
import { Section } from '../../ui/form'
import { Failed } from '../../ui/states'
import { TakenIn } from './TakenIn'

/** Lists that were taken in; each can be taken back as one. */
export function KeptLists() {
  const lists = useClientLists()
  const takeBack = useTakeBackList()
  if (lists.state === 'failed') return <Failed message={lists.message} retry={lists.retry} />
  if (lists.state === 'loading' || lists.data.length === 0) return null
  const takenBack = (name: string, stay: readonly string[]) =>
    say(`${name} is taken back${stay.length === 0 ? '' : `, but for what was changed or trained since: ${stay.join(', ')}`}.`)
  return (
    <Section title="Taken in">
      {lists.data.map((list) => (
        <TakenIn
          key={list.id}
          file={list}
          what={done(list)}
          isTakingBack={takeBack.isPending && takeBack.variables === list.id}
          onTakeBack={() => takeBack.mutate(list.id, { onSuccess: ({ stay }) => takenBack(list.name, stay) })}
        />
      ))}
      <ProblemLine problem={takeBack.error} of={lists.data} />
    </Section>
  )
}

function done({ made, added }: KeptList) {
  const fresh = made === 1 ? 'one new client' : `${made} new clients`
  return [made > 0 && fresh, added > 0 && `${added} on file before`].filter(Boolean).join(', ')
}
