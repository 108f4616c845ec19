import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { useParams } from 'react-router'
import type { LogColumn, ReadLog } from '../../api/schema'
import { useLogReading } from '../../hooks/useImports'
import { usePageTitle } from '../../hooks/usePageTitle'
import { Names } from '../../parts/Names'
import { ProblemLine } from '../../parts/ProblemLine'
import { Section } from '../../ui/form'
import { Loading } from '../../ui/states'
import { base64 } from './file'
import { Keep } from './Keep'
import { Kept } from './Kept'
import { columnNames } from './logColumns'
import { Columns } from './Columns'
import { Understood } from './Understood'

/** Takes in a log that a coach has elsewhere: what was understood is shown row by row before anything is kept. */
export function LogImport() {
  const { id = '' } = useParams()
  usePageTitle('Take a log in')
  const [asked, setAsked] = useState<ReadLog | null>(null)
  // Each answer reads the file anew; the count stands for all that was said in the key of the query.
  const [change, setChange] = useState(0)
  // Once a file is kept the field is a new one, so that the same file can be chosen again.
  const [files, setFiles] = useState(0)
  const reading = useLogReading(id, asked, change)
  const say = (part: Partial<ReadLog>) => {
    setAsked((before) => before && { ...before, ...part })
    setChange((count) => count + 1)
  }
  const choose = async (file: File | undefined) => {
    if (!file) return
    setAsked({ name: file.name, content: await base64(file) })
    setChange((count) => count + 1)
  }
  const done = () => {
    setAsked(null)
    setFiles((count) => count + 1)
  }
  const view = reading.data
  const columns = (at: number, says: LogColumn | null) =>
    say({
      columns: (view?.columns ?? []).flatMap((column) => {
        const said = column.at === at ? says : column.says === says ? null : column.says
        return said ? [{ at: column.at, says: said }] : []
      }),
    })
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>A log from elsewhere</chakra.h1>
      <Section title="Take a log in">
        <Box mb={3} maxW="60ch">
          A log as CSV or .xlsx: a day, an exercise, and what was done, in columns of any order. Nothing is kept until you have seen what
          was understood.
        </Box>
        <chakra.input
          key={files}
          type="file"
          accept=".csv,.tsv,.txt,.xlsx"
          aria-label="File with a log"
          onChange={(event) => void choose(event.target.files?.[0])}
        />
        <ProblemLine problem={reading.error} of={change} />
        {asked && reading.isPending && <Loading label="Reading the file" rows={3} />}
      </Section>
      {asked && view && !reading.isError && (
        <Box aria-busy={reading.isFetching}>
          <Columns view={view} says={columnNames} onColumn={columns} onSay={say} />
          {view.unknown.length > 0 && <Names unknown={view.unknown} onName={(name) => say({ names: [...(asked.names ?? []), name] })} />}
          <Understood view={view} />
          <Keep clientId={id} asked={asked} view={view} onDone={done} />
        </Box>
      )}
      <Kept clientId={id} />
    </Box>
  )
}
