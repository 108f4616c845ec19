import { Box, chakra } from '@chakra-ui/react'
import type { EvidenceLine, FindingLine } from '../../api/schema'
import { Labelled } from '../../ui/Numeral'
import { Sides } from '../../ui/Sides'
import { LeanFigure } from './LeanFigure'
import { Severity } from './Severity'
import { capital } from '../../text/sentence'

/** The panel panel of a finding: its evidence drawn large, what it asks for, when to test again. */
export function FindingPanel({ finding }: { finding: FindingLine }) {
  return (
    <Box
      as="aside"
      tabIndex={0}
      aria-label={finding.title}
      w={{ base: '100%', md: '340px' }}
      flexShrink={0}
      bg="panel"
      color="panel.ink"
      p={5}
      overflow={{ md: 'auto' }}
    >
      <chakra.h2 textStyle="title" fontWeight="strong" mb={1}>
        {finding.title}
      </chakra.h2>
      <Box mb={5}>
        <Severity value={finding.severity} />
      </Box>
      {finding.lean && <LeanFigure lean={finding.lean} />}
      {pairs(finding.evidence).map((pair) => (
        <Box key={pair.label} mb={5}>
          <Box textStyle="plain" fontWeight="semibold" mb={2}>
            {pair.label}, {pair.unit}
          </Box>
          <Sides
            label={pair.label}
            unit={pair.unit}
            now={{ left: pair.left?.number, right: pair.right?.number }}
            before={pair.left?.before || pair.right?.before ? { left: pair.left?.before, right: pair.right?.before } : undefined}
            norm={pair.norm ? { from: pair.norm.adequate, to: pair.norm.upper } : undefined}
            from={0}
            to={Math.max(pair.left?.number ?? 0, pair.right?.number ?? 0, (pair.norm?.upper ?? pair.norm?.adequate ?? 0) * 1.15)}
          />
        </Box>
      ))}
      <Box display="grid" gap={4}>
        <Labelled label="Asks for">
          <Box textStyle="entry">
            {finding.asks === '' ? (finding.cause ? 'no exercise of its own' : 'someone else first; see what to do') : finding.asks}
          </Box>
        </Labelled>
        <Labelled label="What to do">
          <Box textStyle="entry">
            {finding.going} {finding.toDo}
          </Box>
        </Labelled>
      </Box>
    </Box>
  )
}

interface Pair {
  label: string
  unit: string
  norm: EvidenceLine['band']
  left?: EvidenceLine
  right?: EvidenceLine
}

/** Evidence of both sides of one test, put together to be drawn. */
function pairs(evidence: readonly EvidenceLine[]): Pair[] {
  const found = new Map<string, Pair>()
  for (const piece of evidence) {
    const { side, test } = piece
    if (!side || !test || piece.number === null) continue
    const name = piece.name.split(',')[0] ?? piece.name
    const pair = found.get(test) ?? { label: capital(name), unit: piece.unit, norm: piece.band }
    found.set(test, { ...pair, [side]: piece })
  }
  return [...found.values()]
}
