import { Box, chakra } from '@chakra-ui/react'
import type { SharedBar } from '../../api/model'
import { mass, massUnit } from '../../text/numbers'
import type { FloorColors } from '../../parts/floor/floor-theme'
import type { Glance } from './glance'

/** Lifters at one bar: the order of their next sets that changes the fewest plates. */
export function Bars({ bars, glances, colors }: { bars: readonly SharedBar[]; glances: readonly Glance[]; colors: FloorColors }) {
  return (
    <>
      {bars
        .filter((bar) => bar.changesInTurn > 0)
        .map((bar) => (
          <Box key={`${bar.name}-${bar.order.join('-')}`} as="section" aria-label={`Sharing the ${bar.name}`} mt={3}>
            <Box fontWeight="semibold">Sharing the {bar.name}</Box>
            <Box color={colors.quiet}>
              {bar.changes < bar.changesInTurn
                ? `In this order ${changes(bar.changes)} a side; ${bar.changesInTurn} as they come.`
                : `As they come, ${changes(bar.changes)} a side; no order needs fewer.`}
            </Box>
            <chakra.ol listStyleType="none">
              {bar.order.map((lifter, at) => (
                <chakra.li key={glances[lifter]?.id} py={1}>
                  {at + 1}. {glances[lifter]?.name}, {mass(glances[lifter]?.lifter.kg ?? 0)} {massUnit()}
                  <chakra.span color={colors.quiet}>
                    {' '}
                    {bar.perSide[at]?.length ? bar.perSide[at].map((kg) => mass(kg)).join(' + ') : 'empty bar'}
                  </chakra.span>
                </chakra.li>
              ))}
            </chakra.ol>
          </Box>
        ))}
    </>
  )
}

const changes = (count: number) => `${count} plate ${count === 1 ? 'change' : 'changes'}`
