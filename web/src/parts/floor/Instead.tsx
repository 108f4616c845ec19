import { Box, chakra, Flex } from '@chakra-ui/react'
import type { FloorItem, FloorSet } from '../../api/schema'
import { effort, mass, massUnit } from '../../text/numbers'
import type { FloorColors } from './floor-theme'
import { howMuch } from './session'

interface Props {
  planned: FloorItem
  standing: FloorItem
  onInstead: (exercise: string) => void
  colors: FloorColors
}

/** What can be done instead at one touch when the kit is taken, each with its load. */
export function Instead({ planned, standing, onInstead, colors }: Props) {
  const others = [planned, ...planned.substitutes].filter((other) => other.exercise !== standing.exercise)
  if (others.length === 0) return null
  return (
    <Box as="section" aria-label="Instead" px={4} pb={5}>
      <Box color={colors.quiet} mb={2}>
        Taken or not possible? Do instead:
      </Box>
      <Flex gap={2} wrap="wrap">
        {others.map((other) => {
          const set = other.sets[0]
          return (
            <chakra.button
              key={other.exercise}
              type="button"
              minH="hand"
              px={4}
              border="1px solid"
              borderColor={colors.hair}
              textAlign="left"
              onClick={() => onInstead(other.exercise)}
            >
              {other.name}
              {set && (
                <chakra.span color={colors.quiet} ml={2}>
                  {inShort(set)}
                </chakra.span>
              )}
            </chakra.button>
          )
        })}
      </Flex>
    </Box>
  )
}

/** What it asks for, with its load; an effort only where one can be rated. */
function inShort(set: FloorSet): string {
  const load = set.kg ? `${mass(set.kg)} ${massUnit()}` : set.asks.includes('rpe') ? effort(set.rpe) : ''
  const much = howMuch(set)
  return load ? `${much} × ${load}` : `× ${much}`
}
