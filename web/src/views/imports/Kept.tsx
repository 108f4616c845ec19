import { say } from '../../hooks/said'
import { useImports, useTakeBackImport } from '../../hooks/useImports'
import { ProblemLine } from '../../parts/ProblemLine'
import { withYear } from '../../text/dates'
import { Section } from '../../ui/form'
import { Failed } from '../../ui/states'
import { TakenIn } from './TakenIn'

/** Files that were taken in; each can be taken back as one. */
export function Kept({ clientId }: { clientId: string }) {
  const imports = useImports(clientId)
  const takeBack = useTakeBackImport(clientId)
  if (imports.state === 'failed') return <Failed message={imports.message} retry={imports.retry} />
  if (imports.state === 'loading' || imports.data.length === 0) return null
  return (
    <Section title="Taken in">
      {imports.data.map((file) => (
        <TakenIn
          key={file.id}
          file={file}
          what={`${file.sets.toLocaleString('en')} sets, ${withYear(file.firstDay)} to ${withYear(file.lastDay)}`}
          isTakingBack={takeBack.isPending && takeBack.variables === file.id}
          onTakeBack={() => takeBack.mutate(file.id, { onSuccess: () => say(`${file.name} is taken back.`) })}
        />
      ))}
      <ProblemLine problem={takeBack.error} of={imports.data} />
    </Section>
  )
}
