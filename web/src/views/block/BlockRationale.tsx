import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { BlockView, CellView } from '../../api/schema'
import { purposeNames, words } from '../../text/codes'
import { biasInWords, effort, mass, massUnit, plain } from '../../text/numbers'
import { Rationale, type ChainLink } from '../../ui/Rationale'
import { platesInWords } from '../../ui/Plates'
import { type Cell, middleSet } from '../../parts/grid'

interface Props {
  cell: Cell
  more: CellView | undefined
  view: BlockView
  name: (exercise: string) => string
  clientId: string
  whole: boolean
  onWhole: () => void
}

const sources = {
  measured: 'from a set entered',
  ratio: 'by ratio from another lift',
  log: 'from the log',
  guess: 'a first guess from body mass and level',
} as const

/** How the number in focus came to be: from the max to the plates. */
export const BlockRationale = memo(function BlockRationale({ cell, more, view, name, clientId, whole, onWhole }: Props) {
  const { item } = cell
  const set = middleSet(item)
  const max = view.plan.maxes.find((row) => row.exercise === item.exercise)
  const what = set.metres ? `${set.metres} metres` : set.seconds ? `${set.seconds} seconds` : `${set.reps ?? 0} repetitions`
  const asked = `${what} ${typeof set.rpe === 'number' ? `at ${effort(set.rpe)}` : effort(null)}`
  const answered = view.plan.selection.find((one) => one.exercise === item.exercise)?.answers[0]
  const links: ChainLink[] = [
    ...(answered ? [{ kind: 'found', text: words(answered), to: `/clients/${clientId}/findings` }] : []),
    {
      kind: 'measured',
      text: max ? `Max ${mass(max.kg, 1)} ${massUnit()}, ${sources[max.source]}` : 'No max known yet',
      to: `/clients/${clientId}/intake`,
    },
    { kind: 'chosen', text: `${name(item.exercise)}, ${purposeNames[item.purpose].toLowerCase()}` },
    { kind: 'asked for', text: set.percent ? `${asked} = ${plain(set.percent, 1)} %` : asked },
    {
      kind: 'prescribed',
      text:
        max && set.percent
          ? `${plain(set.percent, 1)} % of the max of ${mass(max.kg, 1)} = ${mass((set.percent * max.kg) / 100, 1)} ${massUnit()}` +
            (more?.bodyKg ? `, ${mass(more.bodyKg, 1)} of it the body` : '')
          : 'by effort alone',
    },
    {
      kind: 'loaded',
      text: set.kg
        ? `${mass(set.kg)} ${massUnit()}${set.perSide ? `, ${platesInWords(set.perSide)}` : ''}`
        : set.percent
          ? 'body weight alone'
          : 'whatever gives that effort',
      focused: true,
    },
  ]
  const said = [
    item.because,
    max
      ? `The max is likely between ${mass(max.low, 0)} and ${mass(max.high, 0)} ${massUnit()}; it moves with every session that is logged.`
      : '',
    max?.bias ? biasInWords(max.bias, name) : '',
    more?.trainingMaxKg && more.percentOfTrainingMax
      ? `Percents are of the max; the heaviest set is ${plain(more.percentOfTrainingMax, 1)} % of the training max, ` +
        `${mass(more.trainingMaxKg, 1)} ${massUnit()}.`
      : '',
    more?.ownCurve
      ? `The client’s own sets shape the rep curve of this lift, k ${plain(more.ownCurve, 2)}: ` +
        'under 1 more of the max is left at many repetitions, over 1 less.'
      : '',
  ]
  return (
    <Flex bg="panel" align="stretch" data-print="no">
      <Box flex="1" minW={0}>
        <Rationale links={links} open={whole ? said.filter(Boolean).join(' ') : undefined} />
      </Box>
      <chakra.button
        type="button"
        onClick={onWhole}
        aria-expanded={whole}
        px={4}
        color="panel.ink"
        textStyle="note"
        borderLeft="1px solid"
        borderColor="panel.hair"
      >
        {whole ? 'Less' : 'Because'}
      </chakra.button>
    </Flex>
  )
})
