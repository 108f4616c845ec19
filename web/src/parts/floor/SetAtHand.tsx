import { Box, chakra, Flex } from '@chakra-ui/react'
import type { FloorItem, FloorSet, FloorView } from '../../api/schema'
import type { FloorLog } from '../../hooks/useFloor'
import { weekKinds } from '../../text/codes'
import { clock, effort, mass, massUnit, massWord, plain } from '../../text/numbers'
import { SetBars } from '../../ui/SetBars'
import { BigLoad } from './BigLoad'
import type { FloorColors } from './floor-theme'
import { type DoneSet, doneFor, floorBars, platesFor, type Turn } from './session'
import { WhichSide } from './WhichSide'

interface Props {
  view: FloorView
  item: FloorItem
  turn: Turn
  set: FloorSet
  kg: number | null
  other: { set: FloorSet; done: DoneSet | null } | null
  log: FloorLog
  colors: FloorColors
}

/** The set at hand, large: its load and plates, what is asked, how it is set up, and the sets around it. */
export function SetAtHand({ view, item, turn, set, kg, other, log, colors }: Props) {
  const lastDone = item.sets
    .slice(0, turn.place)
    .map((earlier) => doneFor(item, earlier, view.date, log.waiting))
    .findLast((done) => done !== null)
  const before = lastDone ? platesFor(item, set, lastDone.kg) : (item.warmUp.at(-1)?.perSide ?? null)
  const perSide = platesFor(item, set, kg)
  const [text, said] = large(set, kg)
  return (
    <Box>
      <Box color={colors.quiet} mt={2}>
        {placeOf(item, set)}
        {view.session && view.session.weekKind !== 'load' ? `, ${weekKinds[view.session.weekKind].toLowerCase()}` : ''}
      </Box>
      <WhichSide set={set} other={other} colors={colors} />
      <BigLoad
        text={text}
        said={said}
        perSide={perSide}
        before={before}
        under={`${under(set, kg)}${set.each && set.count && set.count > 1 ? `, ${set.count} of ${mass(set.each)}` : ''}`}
        colors={colors}
      />
      <Flex wrap="wrap" columnGap={6} rowGap={2} py={2} my={2} borderY="1px solid" borderColor={colors.hair}>
        {set.metres !== null ? (
          <Asked label="Metres" value={String(set.way)} colors={colors} />
        ) : set.seconds !== null ? (
          <Asked label="Seconds" value={String(set.seconds)} colors={colors} />
        ) : (
          <Asked label="Reps" value={set.amrap ? `${set.reps}+` : String(set.reps)} colors={colors} />
        )}
        {set.asks.includes('rpe') && <Asked label="Effort" value={set.rpe === null ? 'easy' : plain(set.rpe)} colors={colors} />}
        {set.seconds === null && set.metres === null && <Asked label="Tempo" value={set.tempo} colors={colors} />}
        <Asked label="Rest" value={clock(set.restSeconds)} colors={colors} />
      </Flex>
      {set.implements.length > 0 && (
        <chakra.ol aria-label="In a row" listStyleType="none" mb={2}>
          {set.implements.map((piece, at) => (
            <chakra.li key={`${piece.exercise}-${at}`} textStyle="head" fontWeight="semibold">
              {at + 1}. {piece.name}, {piece.kg === null ? 'weigh it' : `${mass(piece.kg)} ${massUnit()}`}, {set.metres} m
            </chakra.li>
          ))}
        </chakra.ol>
      )}
      {item.superset && <Box>Superset {item.superset}: in turn with its partner, then rest.</Box>}
      {item.changed && <Box>{item.changed}</Box>}
      {item.setUp !== '' && <Box>{item.setUp}</Box>}
      {item.cues[0] && <Box fontWeight="semibold">{item.cues[0]}</Box>}
      <Box mt={2}>
        <SetBars
          sets={floorBars(item, view.date, log.waiting, turn.place)}
          label="Warm-up, done and coming sets"
          height={52}
          repWidth={5}
          onPanel
        />
      </Box>
    </Box>
  )
}

function Asked({ label, value, colors }: { label: string; value: string; colors: FloorColors }) {
  return (
    <Box flex="1 0 auto" whiteSpace="nowrap">
      <Box color={colors.quiet}>{label}</Box>
      <Box textStyle="figure" fontWeight="strong" fontStretch="75%" lineHeight={1.1}>
        {value}
      </Box>
    </Box>
  )
}

/** Which set it is: of one-sided work, which of its side. */
function placeOf(item: FloorItem, set: FloorSet): string {
  const alike = item.sets.filter((one) => one.side === set.side)
  return `Set ${alike.indexOf(set) + 1} of ${alike.length}${set.side ? ` ${set.side}` : ''}`
}

/** What is read from across the room, the load or what stands in its place; and what it is called for who hears it. */
function large(set: FloorSet, kg: number | null): [string, string] {
  if (kg !== null && kg > 0) return [mass(kg), `${mass(kg)} ${massWord()}`]
  switch (set.kind) {
    case 'hold':
      return [clock(set.seconds ?? 0), `${set.seconds} seconds`]
    case 'carry':
    case 'medley':
      return [`${set.way} m`, `${set.way} metres`]
    case 'priming':
    case 'drill':
    case 'throw':
    case 'jump':
    case 'body-weight':
      return [`× ${set.reps}`, `${set.reps} repetitions`]
    case 'lift':
      return set.rpe === null ? ['easy', 'easy'] : [`@${plain(set.rpe)}`, effort(set.rpe)]
  }
}

function under(set: FloorSet, kg: number | null): string {
  if (kg !== null && kg > 0) return massWord()
  switch (set.kind) {
    case 'lift':
      return 'By effort: choose the load that gives it, and type it'
    case 'body-weight':
      return 'repetitions, of the body or against a band'
    case 'hold':
      return 'minutes and seconds to hold'
    case 'carry':
      return 'No load planned: type what is carried'
    case 'medley':
      return 'in one run, timed'
    case 'priming':
      return 'until it is felt, slowly'
    case 'drill':
      return 'clean ones count'
    case 'throw':
    case 'jump':
      return 'as fast as can be'
  }
}
