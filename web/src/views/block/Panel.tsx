import { keyHint } from '../../keys/registry'
import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { memo } from 'react'
import { Link } from 'react-router'
import type { BlockView, CellView } from '../../api/schema'
import { words } from '../../text/codes'
import { dayName } from '../../text/dates'
import { effort, clock, mass, massUnit, plain } from '../../text/numbers'
import { Labelled, Numeral } from '../../ui/Numeral'
import { Plates, platesInWords } from '../../ui/Plates'
import { type Cell, cellAt, doneOf, type Place, repsInWords, setsInWords, topSet } from '../../parts/grid'

interface Props {
  cell: Cell
  more: CellView | undefined
  view: BlockView
  place: Place
  name: (exercise: string) => string
  clientId: string
  onFold: () => void
}

/** The numbers of the set in focus: load, how to build it, sets, effort, tempo, rest, and the one thing to watch. */
export const Panel = memo(function Panel({ cell, more, view, place, name, clientId, onFold }: Props) {
  const { item, session, week } = cell
  const top = topSet(item)
  const weekBefore = view.plan.block && place.week > 1 ? cellAt(view.plan.block, { ...place, week: place.week - 1 }) : null
  const before = weekBefore ? topSet(weekBefore.item).perSide : null
  const done = doneOf(view.done, session.date, item.exercise)
  return (
    <Box
      as="aside"
      aria-label="The set in focus"
      bg="panel"
      color="panel.ink"
      w={{ base: '100%', lg: '332px' }}
      flexShrink={0}
      px={4}
      py={4}
      overflow="auto"
      data-print="no"
    >
      <Flex justify="space-between" align="baseline" gap={2}>
        <chakra.h2 fontSize="17px" fontWeight="650">
          {name(item.exercise)}
        </chakra.h2>
        <chakra.button
          type="button"
          {...keyHint('foldPanel')}
          onClick={onFold}
          aria-label="Fold the panel"
          minW="34px"
          minH="34px"
          color="panel.quiet"
        >
          ×
        </chakra.button>
      </Flex>
      <Box color="panel.quiet" fontSize="14px">
        {dayName(session.date)}, week {week.number}
      </Box>

      <Flex align="flex-end" gap={3} mt={3}>
        <Numeral
          value={top.kg === null || top.kg === undefined ? effort(top.rpe) : mass(top.kg)}
          unit={top.kg ? massUnit() : undefined}
          size="62px"
        />
        {top.perSide && (
          <Box flex="1" minW={0}>
            <Plates perSide={top.perSide} before={before} height={70} />
          </Box>
        )}
      </Flex>
      <Box color="panel.quiet" fontSize="14px" mt={2} minH="20px">
        {top.perSide
          ? platesInWords(top.perSide, before)
          : top.each && top.count && top.count > 1
            ? `${top.count} of ${mass(top.each)} ${massUnit()}`
            : ''}
        {top.perSide && before ? ' since last week' : ''}
      </Box>

      <Grid
        templateColumns="repeat(4, auto)"
        gap={3}
        py={4}
        my={4}
        borderY="1px solid"
        borderColor="panel.hair"
        justifyContent="space-between"
      >
        <Labelled label="Sets">
          <Numeral value={setsInWords(item)} size="20px" />
        </Labelled>
        <Labelled label="Effort">
          <Numeral value={effortOf(item.sets.map((set) => set.rpe).filter((rpe) => typeof rpe === 'number'))} size="20px" />
        </Labelled>
        <Labelled label="Tempo">
          <Numeral value={top.tempo ?? '–'} size="20px" />
        </Labelled>
        <Labelled label="Rest">
          <Numeral value={clock(item.sets.at(-1)?.restSeconds ?? top.restSeconds)} size="20px" />
        </Labelled>
      </Grid>

      {more && (
        <Box mb={3} fontSize="14px" color="panel.quiet">
          {plain(more.underTensionSeconds, 0)} s under load a set; rest at least {clock(more.leastRestSeconds)}
          {more.shape && more.shape !== 'straight' ? `; ${words(more.shape).toLowerCase()} sets` : ''}
          {more.pinned.length > 0 ? `; by hand: ${more.pinned.join(', ')}` : ''}
        </Box>
      )}
      {item.settings.note && (
        <Box mb={3} fontSize="15px">
          {item.settings.note}
        </Box>
      )}
      <chakra.table w="100%" fontSize="14px">
        <caption style={{ textAlign: 'left', paddingBottom: 4 }}>
          <Box as="span" color="panel.quiet">
            Set by set
          </Box>
        </caption>
        <tbody>
          {item.warmUp.map((set) => (
            <SetRow key={`w-${set.kg}-${set.reps}`} kind="warm-up" kg={set.kg} reps={String(set.reps)} note="" />
          ))}
          {item.sets.map((set, i) => {
            const was = done.find((row) => row.place === i)
            return (
              <SetRow
                key={`s-${i + 1}`}
                kind={set.side ? `set ${i + 1}, ${set.side}` : `set ${i + 1}`}
                kg={set.kg ?? null}
                reps={repsInWords(set)}
                note={was ? `did ${was.reps} × ${mass(was.kg)}${was.rpe ? ` at ${was.rpe}` : ''}` : effort(set.rpe)}
              />
            )
          })}
        </tbody>
      </chakra.table>

      {item.cues[0] && (
        <Box mt={3}>
          <Box fontSize="14px" color="panel.quiet">
            Watch
          </Box>
          <Box fontSize="16px">{item.cues[0]}</Box>
        </Box>
      )}
      <Link to={`/clients/${clientId}/floor?date=${session.date}`} style={{ display: 'block', marginTop: 12 }}>
        <Box border="1px solid" borderColor="panel.quiet" px={4} py={2.5} textAlign="center" fontWeight="600" _hover={{ bg: '#20272c' }}>
          Open on the floor
        </Box>
      </Link>
      <Link
        to={`/clients/${clientId}/print/session?date=${session.date}`}
        style={{ display: 'block', marginTop: 10, fontSize: 14, textDecoration: 'underline' }}
      >
        Session sheet for paper
      </Link>
    </Box>
  )
})

function effortOf(rpes: readonly number[]): string {
  if (rpes.length === 0) return effort(null)
  const low = Math.min(...rpes)
  const high = Math.max(...rpes)
  return low === high ? effort(low) : `RPE ${plain(low)}–${plain(high)}`
}

const quiet = 'var(--nz-colors-panel-quiet)'

function SetRow({ kind, kg, reps, note }: { kind: string; kg: number | null; reps: string; note: string }) {
  return (
    <tr>
      <th scope="row" style={{ textAlign: 'left', fontWeight: 400, color: quiet, padding: '2px 0' }}>
        {kind}
      </th>
      <td style={{ textAlign: 'right', padding: '2px 0' }}>
        <Numeral value={kg === null ? reps : `${reps} × ${mass(kg)}`} size="15px" />
      </td>
      <td style={{ textAlign: 'right', color: quiet, padding: '2px 0 2px 12px', whiteSpace: 'nowrap' }}>{note}</td>
    </tr>
  )
}
