import { Chart, useChart } from '@chakra-ui/charts'
import { Box } from '@chakra-ui/react'
import { useState } from 'react'
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, XAxis, YAxis } from 'recharts'
import type { LiftCourse, MarkLine, ReviewView } from '../../api/schema'
import { shortDate } from '../../text/dates'
import { mass, massUnit, plain } from '../../text/numbers'
import { SelectField } from '../../ui/form'
import { TableBehind } from '../../ui/TableBehind'
import { axis, dayNumber, marked, places, tick } from './time'

const mostForms = 2
const dashes = ['7 5', '2 4']
const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'

/** The max of a lift with its interval, its forms on the same axis through their ratios, and what happened meanwhile. */
export function Stronger({ view }: { view: ReviewView }) {
  const mains = view.lifts.filter((lift) => !lift.of)
  const [at, setAt] = useState(0)
  const lift = mains[at]
  if (!lift) return <Box color="quiet">No lift has a max yet. Enter a set under Intake, or log one.</Box>
  const forms = view.lifts.filter((one) => one.of === lift.exercise).slice(0, mostForms)
  return (
    <>
      {mains.length > 1 && (
        <Box maxW="420px" mb={2} data-print="no">
          <SelectField
            label="Lift"
            value={String(at)}
            options={mains.map((one, i) => ({ value: String(i), label: one.name }))}
            onValue={(value) => setAt(Number(value))}
          />
        </Box>
      )}
      <Course key={lift.exercise + String(lift.side)} lift={lift} forms={forms} marks={view.marks} />
      <Box textStyle="note" color="quiet" mt={1}>
        {lift.ownCurve ? `The client’s own sets bend the rep curve of this lift, k ${plain(lift.ownCurve)}. ` : ''}
        {view.bias}
      </Box>
    </>
  )
}

interface Row {
  at: number
  kg?: number
  range?: [number, number]
  form0?: number
  form1?: number
}

/** A day a row, whatever was trained on it. */
function rowsOf(lift: LiftCourse, forms: readonly LiftCourse[]): Row[] {
  const rows = new Map<number, Row>()
  const on = (date: string) => {
    const at = dayNumber(date)
    const row = rows.get(at) ?? { at }
    rows.set(at, row)
    return row
  }
  for (const point of lift.points) Object.assign(on(point.date), { kg: point.kg, range: [point.low, point.high] })
  forms.forEach((form, i) => {
    for (const point of form.points) Object.assign(on(point.date), { [`form${i}`]: point.kg / (form.ratio ?? 1) })
  })
  return [...rows.values()].sort((a, b) => a.at - b.at)
}

function Course({ lift, forms, marks }: { lift: LiftCourse; forms: readonly LiftCourse[]; marks: readonly MarkLine[] }) {
  const data = rowsOf(lift, forms)
  const chart = useChart({ data, series: [{ name: 'kg' }] })
  const first = data[0]?.at ?? 0
  const within = marks.filter((mark) => dayNumber(mark.date) >= first)
  const last = Math.max(data.at(-1)?.at ?? 0, ...within.map((mark) => dayNumber(mark.date)))
  const seen = marked(within, last - first).slice(-letters.length)
  const numbers = data.flatMap((row) => [row.kg, row.form0, row.form1, ...(row.range ?? [])]).filter((kg) => kg !== undefined)
  const ticks = places(numbers)
  return (
    <Box data-figure>
      <Box textStyle="note" color="quiet">
        {lift.name}: max, {massUnit()}, with the band that holds it four times in five.
        {forms.map((form, i) => ` ${form.name} ${i === 0 ? 'broken' : 'dotted'}, through its ratio of ${plain(form.ratio ?? 1)}.`).join('')}
      </Box>
      <Chart.Root chart={chart} maxH="210px" aria-hidden>
        <ComposedChart data={data} accessibilityLayer={false} responsive margin={{ left: 0, right: 16, top: 16, bottom: 0 }}>
          <CartesianGrid stroke="var(--nz-colors-hair)" vertical={false} />
          <XAxis dataKey="at" type="number" domain={[first, last]} tickFormatter={tick} {...axis} />
          <YAxis
            domain={[ticks[0] ?? 0, ticks.at(-1) ?? 0]}
            ticks={ticks}
            width={52}
            tickFormatter={(kg: number) => mass(kg, 0)}
            {...axis}
          />
          <Area dataKey="range" stroke="none" fill="var(--nz-colors-edge)" fillOpacity={0.3} isAnimationActive={false} connectNulls />
          {seen.map((mark, i) => (
            <ReferenceLine
              key={mark.at}
              x={mark.at}
              stroke="var(--nz-colors-edge)"
              strokeDasharray="2 3"
              label={{ value: letters[i], position: 'top', fill: 'var(--nz-colors-quiet)', fontSize: 13 }}
            />
          ))}
          <Line dataKey="kg" stroke="var(--nz-colors-ink)" strokeWidth={3} dot={{ r: 3 }} isAnimationActive={false} connectNulls />
          {forms.map((form, i) => (
            <Line
              key={form.exercise}
              dataKey={`form${i}`}
              stroke="var(--nz-colors-ink)"
              strokeWidth={1.5}
              strokeDasharray={dashes[i]}
              dot={false}
              isAnimationActive={false}
              connectNulls
            />
          ))}
        </ComposedChart>
      </Chart.Root>
      {seen.length > 0 && (
        <Box textStyle="note" color="quiet">
          {seen.map((mark, i) => `${letters[i] ?? ''} ${mark.text}`).join('; ')}.
        </Box>
      )}
      <TableBehind
        heads={['Day', `Max, ${massUnit()}`, 'Likely between']}
        rows={lift.points.map((point) => [shortDate(point.date), mass(point.kg, 1), `${mass(point.low, 0)} and ${mass(point.high, 0)}`])}
      />
    </Box>
  )
}
