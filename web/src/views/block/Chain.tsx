import { Box, chakra, Flex } from '@chakra-ui/react'
import type { BlockView } from '../../api/schema'
import { weekKinds, words } from '../../text/codes'
import { shortDate, today } from '../../text/dates'
import { mass, massUnit, plain } from '../../text/numbers'
import { intensity } from '../../ui/intensity'

/** The whole chain of blocks toward the event, a line a week: this block with what its weeks bring, the coming ones by their kind. */
export function Chain({ view }: { view: BlockView }) {
  const most = Math.max(1, ...view.totals.map((week) => week.tonnage))
  return (
    <Box
      as="section"
      aria-label="Chain of blocks"
      overflowX="auto"
      px={2.5}
      py={3}
      borderBottom="1px solid"
      borderColor="hair"
      textStyle="note"
    >
      <chakra.table w="100%" maxW="column">
        <chakra.caption srOnly>Blocks to come, a line a week</chakra.caption>
        <thead>
          <tr>
            {['Block', 'Week', 'Mean percent', 'Tonnage', 'Minutes'].map((head) => (
              <chakra.th key={head} scope="col" textAlign="left" fontWeight="medium" color="quiet" whiteSpace="nowrap" pr={4}>
                {head}
              </chakra.th>
            ))}
          </tr>
        </thead>
        <tbody>
          {view.chain.flatMap((block, b) =>
            Array.from({ length: block.weeks }, (_, w) => {
              const start = new Date(new Date(`${block.start}T00:00:00Z`).getTime() + w * 7 * 86_400_000).toISOString().slice(0, 10)
              const total = b === 0 ? view.totals[w] : undefined
              const kind = b === 0 ? (view.plan.block?.weeks[w]?.kind ?? 'load') : 'load'
              return (
                <chakra.tr
                  key={`${block.start}-${start}`}
                  borderTop={w === 0 ? '1px solid' : undefined}
                  borderColor="hair"
                  fontWeight={isNow(start) ? 'strong' : 'normal'}
                >
                  <Cell>{w === 0 ? words(block.kind ?? '') : ''}</Cell>
                  <Cell>
                    {shortDate(start)}
                    {kind === 'load' ? '' : `, ${weekKinds[kind].toLowerCase()}`}
                    {isNow(start) ? ', now' : ''}
                  </Cell>
                  <Cell>{total?.meanPercent ? `${plain(total.meanPercent, 0)} %` : ''}</Cell>
                  <Cell>
                    {total && (
                      <Flex align="center" gap={2}>
                        <Box
                          h="10px"
                          flexShrink={0}
                          w={`${(total.tonnage / most) * 160}px`}
                          bg={intensity(total.meanPercent).color ?? 'transparent'}
                          border="1px solid"
                          borderColor="intensityEdge"
                        />
                        {mass(total.tonnage, 0)} {massUnit()}
                      </Flex>
                    )}
                  </Cell>
                  <Cell>{total ? total.minutes : ''}</Cell>
                </chakra.tr>
              )
            }),
          )}
        </tbody>
      </chakra.table>
      <Box color="quiet" mt={2}>
        Blocks to come are a proposal by goal and event date; each is decided when it is planned.
      </Box>
    </Box>
  )
}

const Cell = chakra('td', { base: { whiteSpace: 'nowrap', pr: 4 } })

const isNow = (start: string) => {
  const end = new Date(new Date(`${start}T00:00:00Z`).getTime() + 7 * 86_400_000).toISOString().slice(0, 10)
  return start <= today() && today() < end
}
