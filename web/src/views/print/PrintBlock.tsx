import { Box, chakra } from '@chakra-ui/react'
import { useParams } from 'react-router'
import { useBlock } from '../../hooks/useBlock'
import { useCatalogue, useClients } from '../../hooks/useClients'
import { weekdayNames, words } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { mass, massUnit, plain } from '../../text/numbers'
import { Failed, Loading } from '../../ui/states'
import { cellAt, rowsOf, setsInWords, topSet } from '../block/grid'
import { Sheet, Td, Th } from './Sheet'

/** The whole block on paper: weeks across, sessions down, sets and loads. */
export function PrintBlock() {
  const { id = '' } = useParams()
  const block = useBlock(id)
  const catalogue = useCatalogue()
  const clients = useClients()
  if (block.state === 'failed') return <Failed message={block.message} retry={block.retry} />
  if (block.state === 'loading' || catalogue.state !== 'ready' || clients.state !== 'ready') return <Loading label="Fetching the block" />
  const plan = block.data?.plan.block
  const client = clients.data.find((one) => one.id === id)?.name ?? ''
  if (!block.data || !plan) return <Box p={5}>There is no block to print.</Box>
  const name = (exercise: string) => catalogue.data.find((line) => line.id === exercise)?.name ?? exercise
  return (
    <Sheet title={`${client}: ${words(plan.kind ?? '').toLowerCase()} block from ${shortDate(plan.start)}`} back={`/clients/${id}/block`}>
      <Box mb={3}>
        {block.data.kindBecause} {block.data.favours}
      </Box>
      <chakra.table w="100%" borderCollapse="collapse">
        <thead>
          <tr>
            <Th scope="col">Lift</Th>
            {plan.weeks.map((week) => (
              <Th key={week.number} scope="col">
                Week {week.number}
                {week.kind === 'load' ? '' : `, ${week.kind}`}
              </Th>
            ))}
          </tr>
        </thead>
        {rowsOf(plan).map((row) => (
          <tbody key={row.day} style={{ breakInside: 'avoid' }}>
            <tr>
              <Th scope="rowgroup" bg="#e6e6e6">
                {weekdayNames[row.day]}
              </Th>
              {plan.weeks.map((week) => (
                <Td key={week.number} bg="#e6e6e6">
                  {week.sessions
                    .filter((session) => session.day === row.day)
                    .map((session) => `${shortDate(session.date)}, ${session.minutes} min`)
                    .join('')}
                </Td>
              ))}
            </tr>
            {row.exercises.map((exercise) => (
              <tr key={exercise}>
                <Th scope="row">{name(exercise)}</Th>
                {plan.weeks.map((week) => {
                  const cell = cellAt(plan, { week: week.number, day: row.day, exercise })
                  if (!cell) return <Td key={week.number} />
                  const top = topSet(cell.item)
                  return (
                    <Td key={week.number} whiteSpace="nowrap">
                      {setsInWords(cell.item)}, {top.kg ? `${mass(top.kg)} ${massUnit()}` : top.kg === 0 ? 'body weight' : 'by effort'}
                      <br />
                      {top.percent ? `${plain(top.percent, 0)} %, ` : ''}RPE {plain(cell.item.sets.at(-1)?.rpe ?? 0)}
                    </Td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        ))}
      </chakra.table>
    </Sheet>
  )
}
