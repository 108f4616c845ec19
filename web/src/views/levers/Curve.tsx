import { Chart, useChart } from '@chakra-ui/charts'
import { Box, chakra } from '@chakra-ui/react'
import { memo } from 'react'
import { CartesianGrid, Line, LineChart, XAxis, YAxis } from 'recharts'
import { plain } from '../../text/numbers'
import { TableBehind } from '../../ui/TableBehind'
import type { Shown } from './moves'

/** Moment against depth for those chosen, with the table behind it. */
export const Curve = memo(function Curve({ shown, family }: { shown: readonly Shown[]; family: string }) {
  const curves = shown.filter((one) => one.reply.sweep.length > 1)
  const axis = family === 'hinge' ? 'Trunk lean, degrees' : 'Thigh above level, degrees'
  const places = [...new Set(curves.flatMap((one) => one.reply.sweep.map((point) => point.at)))].sort((a, b) =>
    family === 'hinge' ? a - b : b - a,
  )
  const data: Record<string, number>[] = places.map((at) => ({
    at,
    ...Object.fromEntries(
      curves.flatMap((one, i) => {
        const point = one.reply.sweep.find((candidate) => candidate.at === at)
        return point
          ? [
              [`hip${i}`, Math.round(point.hipNm)],
              [`knee${i}`, Math.round(point.kneeNm)],
            ]
          : []
      }),
    ),
  }))
  const chart = useChart({ data, series: curves.flatMap((_, i) => [{ name: `hip${i}` }, { name: `knee${i}` }]) })
  if (curves.length === 0) return null
  return (
    <Box px={4} py={4} borderTop="1px solid" borderColor="hair">
      <chakra.h2 fontWeight="strong" mb={1}>
        Moment against depth
      </chakra.h2>
      <Box textStyle="note" color="quiet" mb={2}>
        Hip solid, knee broken; {curves.map((one, i) => `${one.row.name} ${i === 0 ? 'thick' : 'thin'}`).join(', ')}. N m, both legs
        together.
      </Box>
      <Chart.Root chart={chart} maxH="220px" aria-hidden>
        <LineChart data={chart.data} accessibilityLayer={false} responsive margin={{ left: 0, right: 12, top: 4, bottom: 4 }}>
          <CartesianGrid stroke="var(--nz-colors-hair)" vertical={false} />
          <XAxis dataKey="at" reversed={false} tick={{ fill: 'var(--nz-colors-quiet)', fontSize: 13 }} stroke="var(--nz-colors-edge)" />
          <YAxis tick={{ fill: 'var(--nz-colors-quiet)', fontSize: 13 }} stroke="var(--nz-colors-edge)" width={44} />
          {curves.flatMap((_, i) => [
            <Line
              key={`hip${i}`}
              dataKey={`hip${i}`}
              stroke="var(--nz-colors-ink)"
              strokeWidth={i === 0 ? 3 : 1.5}
              dot={false}
              isAnimationActive={false}
              connectNulls
            />,
            <Line
              key={`knee${i}`}
              dataKey={`knee${i}`}
              stroke="var(--nz-colors-ink)"
              strokeWidth={i === 0 ? 3 : 1.5}
              strokeDasharray="7 5"
              dot={false}
              isAnimationActive={false}
              connectNulls
            />,
          ])}
        </LineChart>
      </Chart.Root>
      <TableBehind
        heads={[axis, ...curves.flatMap((one) => [`${one.row.name}, hip`, `${one.row.name}, knee`])]}
        rows={places.map((at) => [
          plain(at, 0),
          ...curves.flatMap((one) => {
            const point = one.reply.sweep.find((candidate) => candidate.at === at)
            return point ? [plain(point.hipNm, 0), plain(point.kneeNm, 0)] : ['', '']
          }),
        ])}
      />
    </Box>
  )
})
