import { Box, chakra } from '@chakra-ui/react'
import type { AskView, KeptScreen, ScreenSection, StepView } from '../../api/schema'
import { words } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { Sides } from '../../ui/Sides'
import { answerAt, keysOf, sidesAt } from './answers'

interface Props {
  step: StepView | undefined
  screen: ScreenSection
  before: KeptScreen | undefined
  kept: readonly KeptScreen[]
}

/** The panel panel of the screen: what was just measured, drawn against its norm and last time, and the tests of before. */
export function ScreenPanel({ step, screen, before, kept }: Props) {
  const asks = step?.asks ?? []
  const earlier = kept.filter((one) => asks.some(({ ask }) => shown(one.screen, ask.path) !== ''))
  return (
    <Box
      as="aside"
      aria-label="Measured"
      w={{ base: '100%', md: '330px' }}
      flexShrink={0}
      bg="panel"
      color="panel.ink"
      px={5}
      py={5}
      overflow={{ md: 'auto' }}
    >
      {asks.map((ask) => (
        <Drawn key={ask.ask.path} view={ask} screen={screen} before={before} />
      ))}
      <Answered asks={asks} screen={screen} />
      {!step && <Box color="panel.quiet">Faults say where a lift breaks down; the load at which one begins tells skill from strength.</Box>}
      {earlier.length > 0 && (
        <chakra.table w="100%" textStyle="note" mt={4} borderCollapse="collapse">
          <chakra.caption captionSide="top" textAlign="left" color="panel.quiet" textStyle="note" mb={1} p={0}>
            Before
          </chakra.caption>
          <tbody>
            {earlier.map((one) => (
              <chakra.tr key={one.date} borderTop="1px solid" borderColor="panel.hair">
                <chakra.th scope="row" textAlign="left" fontWeight="medium" py={1.5} pr={3} whiteSpace="nowrap" verticalAlign="top">
                  {shortDate(one.date)}
                </chakra.th>
                <chakra.td py={1.5}>
                  {asks
                    .map(({ ask }) => [ask.name, shown(one.screen, ask.path)] as const)
                    .filter(([, value]) => value !== '')
                    .map(([name, value]) => (asks.length > 1 ? `${name}: ${value}` : value))
                    .join('; ')}
                </chakra.td>
              </chakra.tr>
            ))}
          </tbody>
        </chakra.table>
      )}
    </Box>
  )
}

/** What was answered in this step, in words. */
function Answered({ asks, screen }: { asks: readonly AskView[]; screen: ScreenSection }) {
  const rows = asks.filter(({ ask }) => ask.kind !== 'sides').map(({ ask }) => [ask.name, shown(screen, ask.path), ask.unit ?? ''] as const)
  if (rows.length === 0) return null
  return (
    <chakra.dl textStyle="plain">
      {rows.map(([name, value, unit]) => (
        <Box key={name} display="flex" justifyContent="space-between" gap={4} py={1.5} borderBottom="1px solid" borderColor="panel.hair">
          <chakra.dt color="panel.quiet">{name}</chakra.dt>
          <chakra.dd fontWeight="semibold" textAlign="right">
            {value === '' ? 'not tested' : `${value} ${unit}`}
          </chakra.dd>
        </Box>
      ))}
    </chakra.dl>
  )
}

function Drawn({ view, screen, before }: { view: AskView; screen: ScreenSection; before: KeptScreen | undefined }) {
  const { ask, norm } = view
  if (ask.kind !== 'sides') return null
  const keys = keysOf(view)
  return (
    <Box mb={5}>
      <Box textStyle="plain" fontWeight="semibold" mb={2}>
        {ask.name}, {ask.unit}
      </Box>
      <Sides
        label={ask.name}
        unit={ask.unit ?? ''}
        now={sidesAt(screen, ask.path) ?? {}}
        before={before ? (sidesAt(before.screen, ask.path) ?? undefined) : undefined}
        norm={norm ? { from: norm.adequate, to: norm.upper } : undefined}
        from={ask.drawnFrom ?? 0}
        to={keys.at(-1) ?? 100}
      />
      {norm && (
        <Box textStyle="note" color="panel.quiet">
          norm {norm.text}
          {norm.severe > 0 ? `; severe below ${norm.severe}` : ''}
        </Box>
      )}
    </Box>
  )
}

/** An answer as words; empty where it was not tested. */
function shown(screen: ScreenSection, path: string): string {
  const found = answerAt(screen, path)
  if (found === null || found === undefined) return ''
  if (typeof found === 'boolean') return found ? 'yes' : 'no'
  if (Array.isArray(found)) return found.length === 0 ? 'none' : found.map((code) => words(String(code)).toLowerCase()).join(', ')
  if (typeof found === 'object') {
    const { left, right } = found as { left?: number | null; right?: number | null }
    return `${left ?? '–'} / ${right ?? '–'}`
  }
  return typeof found === 'string' ? words(found).toLowerCase() : String(found)
}
