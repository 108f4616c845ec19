import { Box, chakra } from '@chakra-ui/react'
import type { ReadClientList } from '../../api/schema'
import { useListReading } from '../../hooks/useClientLists'
import { usePageTitle } from '../../hooks/usePageTitle'
import { Names } from '../../parts/Names'
import { ProblemLine } from '../../parts/ProblemLine'
import { Section } from '../../ui/form'
import { Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import { Columns } from './Columns'
import { KeepList } from './KeepList'
import { KeptLists } from './KeptLists'
import { ListedClients } from './ListedClients'
import { Source } from './Source'
import { saying, useTable } from './useTable'
import { UsualFacts } from './UsualFacts'

/** Takes in the clients that a coach has in a spreadsheet, with their measurements and maxes; seen first, then kept as one. */
export function ClientImport() {
  usePageTitle('Clients from a list')
  const { asked, change, files, say, choose, done } = useTable<ReadClientList>()
  const reading = useListReading(asked, change)
  const view = reading.data
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>Clients from a list</chakra.h1>
      <Section title="Clients from a list">
        <Box mb={3} maxW="62ch">
          A row a client: name, height, body mass, and whatever else you keep, in columns of any order. A column can be a test (knee to
          wall, left) or a max (back squat 1RM). Who is on file already gets the tests and the maxes. Nothing is kept until you have seen
          what was understood. <TextLink to="/clients">Back to all clients</TextLink>
        </Box>
        <Source key={files} label="File with a list of clients" onTable={choose} />
        <ProblemLine problem={reading.error} of={change} />
        {asked && reading.isPending && <Loading label="Reading the list" rows={3} />}
      </Section>
      {asked && view && !reading.isError && (
        <Box aria-busy={reading.isFetching}>
          <Columns
            view={view}
            says={view.choices.map((choice) => ({ value: choice.says ?? 'name', label: choice.label }))}
            onColumn={(at, says) => say({ columns: saying(view.columns, at, says, 'max') })}
            onSay={say}
          />
          {view.unknown.length > 0 && <Names unknown={view.unknown} onName={(name) => say({ names: [...(asked.names ?? []), name] })} />}
          <UsualFacts view={view} asked={asked} onSay={say} />
          <ListedClients view={view} />
          <KeepList key={change} asked={asked} view={view} onDone={done} />
        </Box>
      )}
      <KeptLists />
    </Box>
  )
}
