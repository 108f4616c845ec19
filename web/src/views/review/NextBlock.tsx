import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { NextTurn, TurnLine } from '../../api/schema'
import { useNextBlock } from '../../hooks/useReview'
import { PanelPlain } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'

const turns: Readonly<Record<NextTurn, string>> = {
  keep: 'Keep',
  'move-up': 'Move up',
  rotate: 'Rotate',
  drop: 'Drop',
  add: 'Add',
}

/** What the next block keeps, moves up, rotates and drops, each with its reason; worked out when it is asked for. */
export function NextBlock({ clientId }: { clientId: string }) {
  const [asked, setAsked] = useState(false)
  if (!asked)
    return (
      <PanelPlain mt={3} onClick={() => setAsked(true)}>
        Look at the next block
      </PanelPlain>
    )
  return <Turns clientId={clientId} />
}

function Turns({ clientId }: { clientId: string }) {
  const next = useNextBlock(clientId)
  if (next.state === 'loading') return <Loading label="Working out the next block" />
  if (next.state === 'failed') return <Failed message={next.message} retry={next.retry} />
  return (
    <Box as="section" mt={4} aria-label="The next block">
      {Object.entries(turns).map(([turn, name]) => {
        const rows = (next.data?.turns ?? []).filter((row) => row.turn === turn)
        return rows.length > 0 && <Turn key={turn} name={name} rows={rows} />
      })}
    </Box>
  )
}

function Turn({ name, rows }: { name: string; rows: readonly TurnLine[] }) {
  return (
    <Box mb={2}>
      <chakra.h3 fontWeight="semibold">{name}</chakra.h3>
      <chakra.ul listStyleType="none">
        {rows.map((row) => (
          <chakra.li key={row.exercise} textStyle="note" color="panel.quiet">
            {row.exercise}
            {row.to && `, ${row.to} in its place`}: {row.because}
          </chakra.li>
        ))}
      </chakra.ul>
    </Box>
  )
}
