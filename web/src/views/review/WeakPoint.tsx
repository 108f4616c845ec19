import { Chart, useChart } from '@chakra-ui/charts'
import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { CartesianGrid, Line, LineChart, ReferenceArea, ReferenceLine, XAxis, YAxis } from 'recharts'
import type { FindingCourseLine, FormLine, MeasureLine } from '../../api/schema'
import { shortDate } from '../../text/dates'
import { plain } from '../../text/numbers'
import { SelectField } from '../../ui/form'
import { TableBehind } from '../../ui/TableBehind'
import { axis, dayNumber, places, tick } from './time'

// The finding's own test, and the lean that it costs.
const mostTests = 2

/** Each finding on its own measure, over all screens: the norm as a band, a change within the error of the test is none. */
export function WeakPoint({ findings }: { findings: readonly FindingCourseLine[] }) {
  const [at, setAt] = useState(0)
  const shown = findings[at]
  if (!shown) return <Box color="quiet">No screen and no log found a weak point yet.</Box>
  return (
    <>
      {findings.length > 1 && (
        <Box maxW="420px" mb={2} data-print="no">
          <SelectField
            label="Finding"
            value={String(at)}
            options={findings.map((one, i) => ({ value: String(i), label: `${one.title}: ${one.courseName}` }))}
            onValue={(value) => setAt(Number(value))}
          />
        </Box>
      )}
      <Box mb={1}>
        <chakra.span fontWeight="semibold">{shown.title}</chakra.span>: {shown.courseName}, found {shortDate(shown.since)}
        {shown.retestFrom && `, test again from ${shortDate(shown.retestFrom)}`}.
      </Box>
      {shown.measures.length === 0 && <Box color="quiet">It was seen, not measured: no number stands behind it.</Box>}
      <Form sets={shown.form} />
      {tests(shown.measures)
        .slice(0, mostTests)
        .map((sides) => (
          <Measure key={sides[0].name} sides={sides} />
        ))}
    </>
  )
}

/** How far form held in the lift where the fault shows: the first and the newest day in words, each day in the table. */
function Form({ sets }: { sets: readonly FormLine[] }) {
  const [first, last] = [sets[0], sets.at(-1)]
  if (!first || !last) return null
  return (
    <Box mb={1}>
      Form held to {told(first)} on {shortDate(first.date)}
      {last !== first && `, to ${told(last)} on ${shortDate(last.date)}`}.
      <TableBehind
        label="Repetitions in good form"
        heads={['Day', 'Lift', 'Form held to']}
        rows={sets.map((set) => [shortDate(set.date), set.name, told(set)])}
      />
    </Box>
  )
}

const told = (set: FormLine) => `repetition ${String(set.heldTo)} of ${String(set.of)}`

type Sides = readonly [MeasureLine, ...MeasureLine[]]

/** A picture a test, with both of its sides. */
function tests(measures: readonly MeasureLine[]): Sides[] {
  const byName = new Map<string, [MeasureLine, ...MeasureLine[]]>()
  for (const measure of measures) {
    const sides = byName.get(measure.name)
    if (sides) sides.push(measure)
    else byName.set(measure.name, [measure])
  }
  return [...byName.values()]
}

/** A day a row, a column a side. */
function rowsOf(sides: Sides): Record<string, number>[] {
  const rows = new Map<number, Record<string, number>>()
  sides.forEach((measure, i) => {
    for (const point of measure.points) {
      const at = dayNumber(point.date)
      rows.set(at, { ...rows.get(at), at, [`side${i}`]: point.value })
    }
  })
  return [...rows.values()].sort((a, b) => (a['at'] ?? 0) - (b['at'] ?? 0))
}

/** Left in full with full dots, right broken with open ones. */
const strokes = [
  { strokeWidth: 3, dot: { r: 5, fill: 'var(--nz-colors-ink)' } },
  { strokeWidth: 2, strokeDasharray: '7 4', dot: { r: 5, fill: 'var(--nz-colors-ground)', strokeDasharray: '0' } },
] as const

function Measure({ sides }: { sides: Sides }) {
  const [measure] = sides
  const data = rowsOf(sides)
  const lines = [measure.norm, measure.expected].filter((line) => line !== null)
  const values = [...sides.flatMap((side) => side.points.map((point) => point.value)), ...lines]
  const ticks = places([Math.min(...values) - measure.error, Math.max(...values) + measure.error])
  const unit = measure.unit ? ` ${measure.unit}` : ''
  return (
    <Box mt={2} data-figure>
      <Box textStyle="note" color="quiet">
        {measure.name}
        {unit && `,${unit}`}. {legend(sides)}
        {measure.norm ? `Norm ${plain(measure.norm)} and more. ` : ''}
        {measure.expected !== null && `This body asks for ${plain(measure.expected, 0)}${unit} (dashed). `}
        {measure.lowerIsBetter ? 'Less is better. ' : ''}A change under {plain(measure.error)}
        {unit} says nothing.
      </Box>
      {data.length > 1 && <Course sides={sides} data={data} ticks={ticks} />}
      {data.length === 1 && <Box>Measured once: {sides.map((side) => valueOf(side, unit)).join(', ')}.</Box>}
      <TableBehind
        heads={['Day', ...sides.map((side) => side.name + (side.side ? `, ${side.side}` : ''))]}
        rows={data.map((row) => [
          tick(row['at'] ?? 0),
          ...sides.map((_, i) => (row[`side${i}`] === undefined ? '' : `${plain(row[`side${i}`] ?? 0)}${unit}`)),
        ])}
      />
    </Box>
  )
}

const valueOf = ({ side, points }: MeasureLine, unit: string) => `${side ? `${side} ` : ''}${plain(points.at(-1)?.value ?? 0)}${unit}`

function legend(sides: Sides): string {
  if (sides.length === 1) return sides[0].side ? `The ${sides[0].side} side. ` : ''
  const [first = '', ...others] = sides.map((side) => side.side ?? '')
  return `${first.charAt(0).toUpperCase()}${first.slice(1)} in full${others.map((other) => `, ${other} broken`).join('')}. `
}

function Course({ sides, data, ticks }: { sides: Sides; data: Record<string, number>[]; ticks: number[] }) {
  const [measure] = sides
  const chart = useChart({ data, series: sides.map((_, i) => ({ name: `side${i}` })) })
  const high = ticks.at(-1) ?? 0
  return (
    <Chart.Root chart={chart} maxH="150px" aria-hidden>
      <LineChart data={chart.data} accessibilityLayer={false} responsive margin={{ left: 0, right: 16, top: 6, bottom: 0 }}>
        <CartesianGrid stroke="var(--nz-colors-hair)" vertical={false} />
        {measure.norm && <ReferenceArea y1={measure.norm} y2={measure.normUpper ?? high} fill="var(--nz-colors-hair)" fillOpacity={0.6} />}
        {measure.norm && <ReferenceLine y={measure.norm} stroke="var(--nz-colors-edge)" />}
        {measure.expected !== null && <ReferenceLine y={measure.expected} stroke="var(--nz-colors-ink)" strokeDasharray="5 4" />}
        <XAxis
          dataKey="at"
          type="number"
          domain={['dataMin', 'dataMax']}
          tickFormatter={tick}
          ticks={data.flatMap((row) => row['at'] ?? [])}
          {...axis}
        />
        <YAxis domain={[ticks[0] ?? 0, high]} ticks={ticks} width={44} tickFormatter={(value: number) => plain(value, 1)} {...axis} />
        {sides.map((side, i) => (
          <Line
            key={String(side.side)}
            dataKey={`side${i}`}
            stroke="var(--nz-colors-ink)"
            {...strokes[i === 0 ? 0 : 1]}
            isAnimationActive={false}
            connectNulls
          />
        ))}
      </LineChart>
    </Chart.Root>
  )
}
