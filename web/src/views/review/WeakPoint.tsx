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
      {shown.measures.slice(0, 2).map((measure) => (
        <Measure key={measure.name + String(measure.side)} measure={measure} />
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

function Measure({ measure }: { measure: MeasureLine }) {
  const data: { at: number; value: number }[] = measure.points.map((point) => ({ at: dayNumber(point.date), value: point.value }))
  const chart = useChart({ data, series: [{ name: 'value' }] })
  const lines = [measure.norm, measure.expected].filter((line) => line !== null)
  const values = [...measure.points.map((point) => point.value), ...lines]
  const ticks = places([Math.min(...values) - measure.error, Math.max(...values) + measure.error])
  const high = ticks.at(-1) ?? 0
  const unit = measure.unit ? ` ${measure.unit}` : ''
  return (
    <Box mt={2}>
      <Box textStyle="note" color="quiet">
        {measure.name}
        {unit && `,${unit}`}. {measure.norm ? `Norm ${plain(measure.norm)} and more. ` : ''}
        {measure.expected !== null && `This body asks for ${plain(measure.expected, 0)}${unit} (dashed). `}
        {measure.lowerIsBetter ? 'Less is better. ' : ''}A change under {plain(measure.error)}
        {unit} says nothing.
      </Box>
      {measure.points.length > 1 && (
        <Chart.Root chart={chart} maxH="150px" aria-hidden>
          <LineChart data={chart.data} accessibilityLayer={false} responsive margin={{ left: 0, right: 16, top: 6, bottom: 0 }}>
            <CartesianGrid stroke="var(--nz-colors-hair)" vertical={false} />
            {measure.norm && (
              <ReferenceArea y1={measure.norm} y2={measure.normUpper ?? high} fill="var(--nz-colors-hair)" fillOpacity={0.6} />
            )}
            {measure.norm && <ReferenceLine y={measure.norm} stroke="var(--nz-colors-edge)" />}
            {measure.expected !== null && <ReferenceLine y={measure.expected} stroke="var(--nz-colors-ink)" strokeDasharray="5 4" />}
            <XAxis
              dataKey="at"
              type="number"
              domain={['dataMin', 'dataMax']}
              tickFormatter={tick}
              ticks={data.map((row) => row.at)}
              {...axis}
            />
            <YAxis domain={[ticks[0] ?? 0, high]} ticks={ticks} width={44} tickFormatter={(value: number) => plain(value, 1)} {...axis} />
            <Line
              dataKey="value"
              stroke="var(--nz-colors-ink)"
              strokeWidth={3}
              dot={{ r: 5, fill: 'var(--nz-colors-ink)' }}
              isAnimationActive={false}
            />
          </LineChart>
        </Chart.Root>
      )}
      {measure.points.length === 1 && (
        <Box>
          Measured once: {plain(measure.points[0]?.value ?? 0)}
          {unit}.
        </Box>
      )}
      <TableBehind
        heads={['Day', measure.name]}
        rows={measure.points.map((point) => [shortDate(point.date), `${plain(point.value)}${unit}`])}
      />
    </Box>
  )
}
