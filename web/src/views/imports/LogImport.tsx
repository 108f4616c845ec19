import { Box, chakra } from '@chakra-ui/react'
import { useParams } from 'react-router'
import type { ReadLog } from '../../api/schema'
import { useLogReading } from '../../hooks/useImports'
import { usePageTitle } from '../../hooks/usePageTitle'
import { Names } from '../../parts/Names'
import { ProblemLine } from '../../parts/ProblemLine'
import { Section } from '../../ui/form'
import { Loading } from '../../ui/states'
import { Keep } from './Keep'
import { Kept } from './Kept'
import { columnNames } from './logColumns'
import { Columns } from './Columns'
import { Source } from './Source'
import { Understood } from './Understood'
import { saying, useTable } from './useTable'

/** Takes in a log that a coach has elsewhere: what was understood is shown row by row before anything is kept. */
export function LogImport() {
  const { id = '' } = useParams()
  usePageTitle('Take a log in')
  const { asked, change, files, say, choose, done } = useTable<ReadLog>()
  const reading = useLogReading(id, asked, change)
  const view = reading.data
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>A log from elsewhere</chakra.h1>
      <Section title="Take a log in">
        <Box mb={3} maxW="60ch">
          A log as CSV or .xlsx: a day, an exercise, and what was done, in columns of any order. Nothing is kept until you have seen what
          was understood.
        </Box>
        <Source key={files} label="File with a log" onTable={choose} />
        <ProblemLine problem={reading.error} of={change} />
        {asked && reading.isPending && <Loading label="Reading the file" rows={3} />}
      </Section>
      {asked && view && !reading.isError && (
        <Box aria-busy={reading.isFetching}>
          <Columns view={view} says={columnNames} onColumn={(at, says) => say({ columns: saying(view.columns, at, says) })} onSay={say} />
          {view.unknown.length > 0 && <Names unknown={view.unknown} onName={(name) => say({ names: [...(asked.names ?? []), name] })} />}
          <Understood view={view} />
          <Keep clientId={id} asked={asked} view={view} onDone={done} />
        </Box>
      )}
      <Kept clientId={id} />
    </Box>
  )
}
