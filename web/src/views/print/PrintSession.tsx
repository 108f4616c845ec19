import { Box, chakra } from '@chakra-ui/react'
import { useParams, useSearchParams } from 'react-router'
import type { FloorItem, FloorSet } from '../../api/schema'
import { useFloor } from '../../hooks/useFloor'
import { paperDate, today } from '../../text/dates'
import { effort, clock, mass, massUnit } from '../../text/numbers'
import { platesInWords } from '../../ui/Plates'
import { Failed, Loading } from '../../ui/states'
import { Sheet, Td, Th, WideTable } from './Sheet'

/** One session on paper: each set with its load and how to build it, and boxes for what was done. */
export function PrintSession() {
  const { id = '' } = useParams()
  const [search] = useSearchParams()
  const date = search.get('date') ?? today()
  const floor = useFloor(id, date)
  if (floor.state === 'failed') return <Failed message={floor.message} retry={floor.retry} />
  if (floor.state === 'loading') return <Loading label="Fetching the session" />
  if (!floor.data?.session) return <Box p={5}>{floor.data?.stop ?? 'No session on this day.'}</Box>
  return (
    <Sheet title={`${floor.data.client}, ${paperDate(date)}, week ${floor.data.session.week}`} back={`/clients/${id}/block`}>
      <Box mb={3}>About {floor.data.session.minutes} minutes. Sleep ____ Soreness ____ Pain ____ Minutes there are ____</Box>
      <Box mb={3}>{floor.data.caution}</Box>
      {floor.data.items.map((item) => (
        <Item key={item.exercise} item={item} />
      ))}
      {floor.data.daily.length > 0 && (
        <Box mb={3}>
          <chakra.h2 textStyle="entry" fontWeight="bold">
            Every day
          </chakra.h2>
          {floor.data.daily.map((work) => (
            <Box key={work.exercise}>{work.because}</Box>
          ))}
        </Box>
      )}
    </Sheet>
  )
}

function Item({ item }: { item: FloorItem }) {
  return (
    <Box mb={4} breakInside="avoid">
      <chakra.h2 textStyle="entry" fontWeight="bold">
        {item.name}
        {item.superset ? ` (superset ${item.superset})` : ''}
      </chakra.h2>
      <Box mb={1}>
        {[
          item.cues[0],
          item.setUp,
          item.warmUp.length > 0 && `Warm up: ${item.warmUp.map((set) => `${set.reps} × ${mass(set.kg)}`).join(', ')}`,
        ]
          .filter((said) => typeof said === 'string' && said !== '')
          .map((said) => `${String(said).replace(/\.$/, '')}.`)
          .join(' ')}
      </Box>
      <WideTable label={`Sets of ${item.name}`} columns="fixed">
        <thead>
          <tr>
            {columns().map(([head, width]) => (
              <Th key={head} scope="col" w={width} whiteSpace="nowrap">
                {head}
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {item.sets.map((set) => (
            <tr key={set.place}>
              <Td>
                {set.place + 1}
                {set.side ? `, ${set.side}` : ''}
              </Td>
              <Td>{asked(set)}</Td>
              <Td>
                {set.kg === null ? 'by effort' : set.kg === 0 ? 'body weight' : `${mass(set.kg)} ${massUnit()}`}
                {set.perSide && set.place === 0 ? `, ${platesInWords(set.perSide)}` : ''}
              </Td>
              <Td whiteSpace="nowrap">{effort(set.rpe)}</Td>
              <Td whiteSpace="nowrap">{set.tempo}</Td>
              <Td>{clock(set.restSeconds)}</Td>
              <Td />
              <Td />
              <Td />
              <Td />
            </tr>
          ))}
        </tbody>
      </WideTable>
    </Box>
  )
}

/** What is asked, then room for what was done; the same widths for every exercise, so that the eye runs down. */
const columns = (): readonly (readonly [string, string])[] => [
  ['Set', '9%'],
  ['Do', '7%'],
  ['Load', '24%'],
  ['Effort', '9%'],
  ['Tempo', '9%'],
  ['Rest', '6%'],
  [`${massUnit()} done`, '9%'],
  ['Reps done', '11%'],
  ['RPE', '6%'],
  ['Note', '10%'],
]

const asked = (set: FloorSet) =>
  set.metres !== null
    ? `${set.metres} m`
    : set.seconds !== null
      ? `${set.seconds} s`
      : `${set.reps}${set.amrap ? ' or as many as possible' : ''}`
