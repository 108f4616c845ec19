import { Box, chakra } from '@chakra-ui/react'
import { useParams, useSearchParams } from 'react-router'
import type { BlockPart, ItemPart, WeekPart } from '../../api/schema'
import { useBlock } from '../../hooks/useBlock'
import { useCatalogue, useClients } from '../../hooks/useClients'
import { weekdayNames, weekKinds, words } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { effort, mass, massUnit, plain } from '../../text/numbers'
import { Failed, Loading } from '../../ui/states'
import { cellAt, middleSet, rowsOf, setsInWords, topSet } from '../../parts/grid'
import { PrintWeek } from './PrintWeek'
import { Sheet, Td, Th, WideTable } from './Sheet'

const layouts = [
  { value: 'block', label: 'The block on one sheet' },
  { value: 'week', label: 'A page a week' },
  { value: 'large', label: 'Large print' },
] as const

/** The block on paper: weeks across and sessions down, or a page a week with room to write, or the same in large print. */
export function PrintBlock() {
  const { id = '' } = useParams()
  const [search, setSearch] = useSearchParams()
  const layout = layouts.find((one) => one.value === search.get('as'))?.value ?? 'block'
  const block = useBlock(id, search.get('on'))
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
      <Box data-print="no" mb={4} textStyle="plain">
        {/* Black on white whatever the theme, as all of this page. */}
        <label htmlFor="on-paper-as">On paper as</label>{' '}
        <chakra.select
          id="on-paper-as"
          value={layout}
          minH="38px"
          px={2}
          bg="paper"
          color="paper.ink"
          border="1px solid #000"
          onChange={(event) => {
            const as = event.target.value
            setSearch(
              (before) => {
                const next = new URLSearchParams(before)
                next.set('as', as)
                return next
              },
              { replace: true },
            )
          }}
        >
          {layouts.map((one) => (
            <option key={one.value} value={one.value}>
              {one.label}
            </option>
          ))}
        </chakra.select>
      </Box>
      {layout === 'block' ? (
        <>
          <Box mb={3}>
            {block.data.kindBecause} {block.data.favours}
          </Box>
          {parts(plan.weeks).map((weeks) => (
            <Weeks key={weeks[0]?.number} plan={plan} weeks={weeks} name={name} />
          ))}
        </>
      ) : (
        plan.weeks.map((week) => (
          <PrintWeek key={week.number} week={week} of={plan.weeks.length} size={layout === 'large' ? 'large' : 'usual'} name={name} />
        ))
      )}
    </Sheet>
  )
}

/** Four weeks side by side are what a sheet of A4 or Letter holds in a size that can be read. */
const weeksAcross = 4

const parts = (weeks: WeekPart[]): WeekPart[][] =>
  Array.from({ length: Math.ceil(weeks.length / weeksAcross) }, (_, part) => weeks.slice(part * weeksAcross, (part + 1) * weeksAcross))

function Weeks({ plan, weeks, name }: { plan: BlockPart; weeks: WeekPart[]; name: (exercise: string) => string }) {
  return (
    <Box mb={5}>
      <WideTable label={`Weeks ${weeks[0]?.number} to ${weeks.at(-1)?.number}`} columns="auto">
        <thead>
          <tr>
            <Th scope="col">Lift</Th>
            {weeks.map((week) => (
              <Th key={week.number} scope="col">
                Week {week.number}
                {week.kind === 'load' ? '' : `, ${weekKinds[week.kind].toLowerCase()}`}
              </Th>
            ))}
          </tr>
        </thead>
        {rowsOf({ ...plan, weeks }).map((row) => (
          <chakra.tbody key={row.day} breakInside="avoid">
            <tr>
              <Th scope="rowgroup" bg="paper.band">
                {weekdayNames[row.day]}
              </Th>
              {weeks.map((week) => (
                <Td key={week.number} bg="paper.band">
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
                {weeks.map((week) => (
                  <Cell key={week.number} item={cellAt(plan, { week: week.number, day: row.day, exercise })?.item} />
                ))}
              </tr>
            ))}
          </chakra.tbody>
        ))}
      </WideTable>
    </Box>
  )
}

function Cell({ item }: { item: ItemPart | undefined }) {
  if (!item) return <Td />
  const top = topSet(item)
  return (
    <Td whiteSpace="nowrap">
      {setsInWords(item)}, {top.kg ? `${mass(top.kg)} ${massUnit()}` : top.kg === 0 ? 'body weight' : 'by effort'}
      <br />
      {top.percent ? `${plain(top.percent, 0)} %, ` : ''}
      {effort(middleSet(item).rpe)}
    </Td>
  )
}
