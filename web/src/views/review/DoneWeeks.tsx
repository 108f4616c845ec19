import { Chart, useChart } from '@chakra-ui/charts'
import { Box, chakra, Flex } from '@chakra-ui/react'
import { CartesianGrid, ReferenceLine, Scatter, ScatterChart, XAxis, YAxis } from 'recharts'
import type { EffortPoint, ReviewView, SessionDone, WeekLine } from '../../api/schema'
import { shortDate } from '../../text/dates'
import { words } from '../../text/codes'
import { mass, massUnit, plain } from '../../text/numbers'
import { TableBehind } from '../../ui/TableBehind'
import { axis } from './time'

const weeksShown = 8

/** Sessions and sets done against planned, week by week, and how hard they were against what was asked. */
export function DoneWeeks({ view }: { view: ReviewView }) {
  const weeks = view.weeks.slice(-weeksShown)
  if (weeks.length === 0) return <Box color="quiet">Nothing was planned and nothing logged yet.</Box>
  return (
    <Flex gap={6} direction={{ base: 'column', '2xl': 'row' }}>
      <Box flex="1" minW={0} overflowX="auto" tabIndex={0} role="region" aria-label="Weeks, done against planned">
        <Weeks weeks={weeks} />
        <Muscles weeks={weeks.slice(-4)} />
      </Box>
      {view.effort.length > 0 && <Cloud effort={view.effort} />}
    </Flex>
  )
}

function Weeks({ weeks }: { weeks: readonly WeekLine[] }) {
  const most = Math.max(1, ...weeks.map((week) => Math.max(week.setsPlanned, week.setsDone)))
  return (
    <chakra.table w="100%" textStyle="note" css={{ borderCollapse: 'collapse', fontVariantNumeric: 'tabular-nums' }}>
      <thead>
        <tr>
          {['Week', 'Sessions', 'Sets', 'Effort', 'Rest kept', `Tonnage, ${massUnit()}`, 'Mean %', 'Tension'].map((head, i) => (
            <chakra.th key={head} scope="col" textAlign={i > 2 ? 'right' : 'left'} fontWeight="semibold" py={1} pr={3}>
              {head}
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {weeks.map((week) => (
          <chakra.tr key={week.monday} borderTop="1px solid" borderColor="hair">
            <chakra.th scope="row" textAlign="left" fontWeight="normal" py={1} pr={3} whiteSpace="nowrap">
              {shortDate(week.monday)}
              {week.kind && week.kind !== 'load' ? `, ${words(week.kind).toLowerCase()}` : ''}
            </chakra.th>
            <chakra.td pr={3}>
              <Sessions sessions={week.sessions} />
            </chakra.td>
            <chakra.td pr={3} minW="130px">
              <Sets week={week} most={most} />
            </chakra.td>
            <Cell>{week.effortOver === null ? '' : signed(week.effortOver)}</Cell>
            <Cell>{week.restsTimed > 0 ? `${String(week.restsKept)} of ${String(week.restsTimed)}` : ''}</Cell>
            <Cell>{week.tonnage > 0 ? Math.round(Number(mass(week.tonnage, 0))).toLocaleString('en-GB') : ''}</Cell>
            <Cell>{week.meanPercent === null ? '' : plain(week.meanPercent, 0)}</Cell>
            <Cell>{week.tensionMinutes > 0 ? `${plain(week.tensionMinutes, 0)} min` : ''}</Cell>
          </chakra.tr>
        ))}
      </tbody>
    </chakra.table>
  )
}

const Cell = ({ children }: { children: React.ReactNode }) => (
  <chakra.td textAlign="right" pr={3} whiteSpace="nowrap">
    {children}
  </chakra.td>
)

const signed = (value: number) => `${value > 0 ? '+' : ''}${plain(value, 1)}`

const fates = { kept: 'kept', moved: 'moved', missed: 'missed', ahead: 'to come' } as const

/** A square a session: full where it was kept, half where it was moved, crossed where it was missed, empty where it is to come. */
function Sessions({ sessions }: { sessions: readonly SessionDone[] }) {
  const said = sessions.map((one) => `${shortDate(one.date)} ${fates[one.fate]}`).join(', ')
  return (
    <Flex gap={1} role="img" aria-label={said || 'none planned'} title={said}>
      {sessions.map((one) => (
        <svg key={one.date} width="14" height="14" viewBox="0 0 14 14" aria-hidden>
          <rect
            x="1"
            y="1"
            width="12"
            height="12"
            fill={one.fate === 'kept' ? 'currentColor' : 'none'}
            stroke="currentColor"
            strokeWidth="1.5"
          />
          {one.fate === 'moved' && <path d="M1 13 L13 1 V13 Z" fill="currentColor" />}
          {one.fate === 'missed' && <path d="M3 3 L11 11 M11 3 L3 11" stroke="currentColor" strokeWidth="1.5" />}
        </svg>
      ))}
    </Flex>
  )
}

/** Sets done as a bar in the outline of what was planned. */
function Sets({ week, most }: { week: WeekLine; most: number }) {
  return (
    <Flex align="center" gap={2}>
      <Box position="relative" h="12px" flex="1" aria-hidden css={{ printColorAdjust: 'exact' }}>
        <Box position="absolute" insetY={0} left={0} border="1.5px solid" borderColor="edge" w={`${(week.setsPlanned / most) * 100}%`} />
        <Box position="absolute" insetY="3px" left={0} bg="ink" w={`${(week.setsDone / most) * 100}%`} />
      </Box>
      <Box whiteSpace="nowrap">
        {week.setsDone + week.setsPlanned > 0 ? `${String(week.setsDone)} of ${String(week.setsPlanned)}` : 'to come'}
      </Box>
    </Flex>
  )
}

function Muscles({ weeks }: { weeks: readonly WeekLine[] }) {
  const muscles = [...new Set(weeks.flatMap((week) => week.muscles.map((row) => row.muscle)))]
  const told = (week: WeekLine, muscle: string) => {
    const row = week.muscles.find((one) => one.muscle === muscle)
    return row ? `${plain(row.done, 1)} of ${plain(row.planned, 1)}` : ''
  }
  return (
    <TableBehind
      label="Hard sets by muscle, done of planned"
      heads={['Muscle', ...weeks.map((week) => shortDate(week.monday))]}
      rows={muscles.map((muscle) => [words(muscle ?? ''), ...weeks.map((week) => told(week, muscle ?? ''))])}
    />
  )
}

/** Each rated set against what was asked: on the line it was as hard as planned, above it harder. */
function Cloud({ effort }: { effort: readonly EffortPoint[] }) {
  const spots = new Map<string, { prescribed: number; rated: number; sets: number }>()
  for (const point of effort) {
    const key = `${String(point.prescribed)} ${String(point.rated)}`
    const spot = spots.get(key) ?? { prescribed: point.prescribed, rated: point.rated, sets: 0 }
    spots.set(key, { ...spot, sets: spot.sets + 1 })
  }
  const data = [...spots.values()].sort((a, b) => a.prescribed - b.prescribed || a.rated - b.rated)
  const chart = useChart({ data, series: [{ name: 'rated' }] })
  const most = Math.max(...data.map((spot) => spot.sets))
  return (
    <Box w={{ base: '100%', md: '360px' }} flexShrink={0} data-figure>
      <Box textStyle="note" color="quiet">
        RPE rated (up) against prescribed (across); above the line was harder than asked.
      </Box>
      <Chart.Root chart={chart} maxH="200px" aria-hidden>
        <ScatterChart accessibilityLayer={false} responsive margin={{ left: 0, right: 12, top: 8, bottom: 0 }}>
          <CartesianGrid stroke="var(--nz-colors-hair)" />
          <XAxis dataKey="prescribed" type="number" domain={[5, 10]} ticks={[5, 6, 7, 8, 9, 10]} {...axis} />
          <YAxis dataKey="rated" type="number" domain={[5, 10]} ticks={[5, 6, 7, 8, 9, 10]} width={32} {...axis} />
          <ReferenceLine
            segment={[
              { x: 5, y: 5 },
              { x: 10, y: 10 },
            ]}
            stroke="var(--nz-colors-edge)"
          />
          <Scatter
            data={data}
            isAnimationActive={false}
            shape={(spot: { cx?: number; cy?: number; payload?: { sets: number } }) => (
              <circle
                cx={spot.cx}
                cy={spot.cy}
                r={3 + 6 * Math.sqrt((spot.payload?.sets ?? 1) / most)}
                fill="none"
                stroke="var(--nz-colors-ink)"
                strokeWidth={1.5}
              />
            )}
          />
        </ScatterChart>
      </Chart.Root>
      <TableBehind
        heads={['Prescribed', 'Rated', 'Sets']}
        rows={data.map((spot) => [plain(spot.prescribed, 1), plain(spot.rated, 1), String(spot.sets)])}
      />
    </Box>
  )
}
