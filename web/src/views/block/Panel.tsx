import { keyHint } from '../../keys/registry'
import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { memo } from 'react'
import type { BlockView, CellView } from '../../api/schema'
import { words } from '../../text/codes'
import { dayName } from '../../text/dates'
import { effort, clock, mass, massUnit, plain } from '../../text/numbers'
import { setInShort } from '../../text/sets'
import { Labelled, Numeral } from '../../ui/Numeral'
import { Plates, platesInWords } from '../../ui/Plates'
import { type Cell, cellAt, doneOf, loadAsMade, type Place, repsInWords, setsInWords, topSet } from '../../parts/grid'
import { BlockLink, TextLink } from '../../ui/TextLink'

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
  const made = loadAsMade(view.made, place)
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
        <chakra.h2 textStyle="lead" fontWeight="strong">
          {name(item.exercise)}
        </chakra.h2>
        <chakra.button
          type="button"
          {...keyHint('foldPanel')}
          onClick={onFold}
          aria-label="Fold the panel"
          minW="cell"
          minH="cell"
          color="panel.quiet"
        >
          ×
        </chakra.button>
      </Flex>
      <Box color="panel.quiet" textStyle="note">
        {dayName(session.date)}, week {week.number}
      </Box>

      <Flex align="flex-end" gap={3} mt={3}>
        <Numeral
          value={top.kg === null || top.kg === undefined ? effort(top.rpe) : top.kg === 0 ? 'body' : mass(top.kg)}
          unit={top.kg ? massUnit() : undefined}
          size="mark"
        />
        {top.perSide && (
          <Box flex="1" minW={0}>
            <Plates perSide={top.perSide} before={before} height={70} />
          </Box>
        )}
      </Flex>
      <Box color="panel.quiet" textStyle="note" mt={2} minH="20px">
        {top.perSide
          ? platesInWords(top.perSide, before)
          : top.each && top.count && top.count > 1
            ? `${top.count} of ${mass(top.each)} ${massUnit()}`
            : ''}
        {top.perSide && before ? ' since last week' : ''}
      </Box>
      {made?.why && !more?.pinned.length && (
        <Box mt={2}>
          {made.why} It was {mass(made.kg)} {massUnit()} when the block was made.
        </Box>
      )}

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
          <Numeral value={setsInWords(item)} size="title" />
        </Labelled>
        <Labelled label="Effort">
          <Numeral value={effortOf(item.sets.map((set) => set.rpe).filter((rpe) => typeof rpe === 'number'))} size="title" />
        </Labelled>
        <Labelled label="Tempo">
          <Numeral value={top.tempo ?? '–'} size="title" />
        </Labelled>
        <Labelled label="Rest">
          <Numeral value={clock(item.sets.at(-1)?.restSeconds ?? top.restSeconds)} size="title" />
        </Labelled>
      </Grid>

      {more && (
        <Box mb={3} textStyle="note" color="panel.quiet">
          {plain(more.underTensionSeconds, 0)} s under load a set; rest at least {clock(more.leastRestSeconds)}
          {more.shape && more.shape !== 'straight' ? `; ${words(more.shape).toLowerCase()} sets` : ''}
          {more.pinned.length > 0 ? `; by hand: ${more.pinned.join(', ')}` : ''}
        </Box>
      )}
      {item.settings.note && (
        <Box mb={3} textStyle="plain">
          {item.settings.note}
        </Box>
      )}
      {item.stays && (
        <Box mb={3} textStyle="note" color="panel.quiet">
          {item.stays}
        </Box>
      )}
      <chakra.table w="100%" textStyle="note">
        <caption className="set-by-set">
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
                kind={placeOf(item.sets, i)}
                kg={set.kg ?? null}
                reps={repsInWords(set)}
                note={
                  was ? (
                    <TextLink
                      to={`/clients/${clientId}/floor?date=${session.date}&correct=${item.exercise}.${i}`}
                      aria-label={`${placeOf(item.sets, i)}: did ${setInShort(was)}. Correct it`}
                    >
                      did {setInShort(was)}
                    </TextLink>
                  ) : (
                    effort(set.rpe)
                  )
                }
              />
            )
          })}
        </tbody>
      </chakra.table>

      {item.cues[0] && (
        <Box mt={3}>
          <Box textStyle="note" color="panel.quiet">
            Watch
          </Box>
          <Box textStyle="entry">{item.cues[0]}</Box>
        </Box>
      )}
      <BlockLink to={`/clients/${clientId}/floor?date=${session.date}`} mt={3}>
        <Box
          border="1px solid"
          borderColor="panel.quiet"
          px={4}
          py={2.5}
          textAlign="center"
          fontWeight="semibold"
          _hover={{ bg: 'panel.lifted' }}
        >
          Open on the floor
        </Box>
      </BlockLink>
      <TextLink to={`/clients/${clientId}/print/session?date=${session.date}`} display="block" mt={2.5} textStyle="note">
        Session sheet for paper
      </TextLink>
    </Box>
  )
})

function effortOf(rpes: readonly number[]): string {
  if (rpes.length === 0) return effort(null)
  const low = Math.min(...rpes)
  const high = Math.max(...rpes)
  return low === high ? effort(low) : `RPE ${plain(low)}–${plain(high)}`
}

/** Which set it is: of one-sided work, which of its side. */
function placeOf(sets: Cell['item']['sets'], at: number): string {
  const side = sets[at]?.side
  const number = sets.slice(0, at + 1).filter((set) => set.side === side).length
  return side ? `set ${number}, ${side}` : `set ${number}`
}

function SetRow({ kind, kg, reps, note }: { kind: string; kg: number | null; reps: string; note: React.ReactNode }) {
  return (
    <tr className="set-row">
      <th scope="row">{kind}</th>
      <td>
        <Numeral value={kg ? `${reps} × ${mass(kg)}` : reps} size="plain" />
      </td>
      <td className="set-note">{note}</td>
    </tr>
  )
}
