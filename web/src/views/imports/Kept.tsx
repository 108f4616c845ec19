import { Box, Flex } from '@chakra-ui/react'
import { say } from '../../hooks/said'
import { useImports, useTakeBackImport } from '../../hooks/useImports'
import { ProblemLine } from '../../parts/ProblemLine'
import { atTime, withYear } from '../../text/dates'
import { Plain, Section } from '../../ui/form'
import { Failed } from '../../ui/states'

/** Files that were taken in; each can be taken back as one. */
export function Kept({ clientId }: { clientId: string }) {
  const imports = useImports(clientId)
  const takeBack = useTakeBackImport(clientId)
  if (imports.state === 'failed') return <Failed message={imports.message} retry={imports.retry} />
  if (imports.state === 'loading' || imports.data.length === 0) return null
  return (
    <Section title="Taken in">
      {imports.data.map((file) => (
        <Flex key={file.id} gap={4} py={2} borderBottom="1px solid" borderColor="hair" align="center" wrap="wrap" justify="space-between">
          <Box minW={0} overflowWrap="anywhere">
            <Box fontWeight="semibold">{file.name}</Box>
            <Box textStyle="note" color="quiet">
              {file.sets.toLocaleString('en')} sets, {withYear(file.firstDay)} to {withYear(file.lastDay)}; {file.by}, {atTime(file.keptAt)}
              {file.takenBackAt && `; taken back ${atTime(file.takenBackAt)}`}
            </Box>
          </Box>
          {!file.takenBackAt && (
            <Plain
              aria-label={`Take back ${file.name}`}
              loading={takeBack.isPending && takeBack.variables === file.id}
              onClick={() => takeBack.mutate(file.id, { onSuccess: () => say(`${file.name} is taken back.`) })}
            >
              Take back
            </Plain>
          )}
        </Flex>
      ))}
      <ProblemLine problem={takeBack.error} of={imports.data} />
    </Section>
  )
}
