import { Box, chakra, Flex } from '@chakra-ui/react'
import { useListKeys } from '../../keys/useKeys'
import type { FloorColors } from '../../parts/floor/floor-theme'
import type { Glance } from './glance'

interface Props {
  /** Next first. */
  glances: readonly Glance[]
  open: string
  onOpen: (id: string) => void
  colors: FloorColors
}

/** The lifters of the hour, who is next first: each one's set at hand and rest, in passing. */
export function Queue({ glances, open, onOpen, colors }: Props) {
  const onKey = useListKeys('button')
  return (
    <Flex
      as="nav"
      aria-label="Who is next"
      direction={{ base: 'row', lg: 'column' }}
      gap={2}
      px={{ base: 4, lg: 0 }}
      overflowX="auto"
      flexShrink={0}
      onKeyDown={onKey}
    >
      {glances.map((glance) => (
        <chakra.button
          key={glance.id}
          type="button"
          aria-current={glance.id === open ? 'true' : undefined}
          onClick={() => onOpen(glance.id)}
          minH="72px"
          minW={{ base: '168px', lg: 0 }}
          textAlign="left"
          px={3}
          py={2}
          border="1px solid"
          borderColor={glance.id === open ? colors.ink : colors.hair}
          borderLeftWidth={glance.id === open ? '6px' : '1px'}
          color={glance.lifter.state === 'done' ? colors.quiet : undefined}
        >
          <Flex justify="space-between" gap={2} align="baseline">
            <chakra.span fontWeight="strong" truncate>
              {glance.name}
            </chakra.span>
            <chakra.span fontWeight="strong" fontStretch="75%" textStyle="figure" lineHeight={1}>
              {glance.rest}
            </chakra.span>
          </Flex>
          <Box color={colors.quiet} textStyle="lead" lineClamp={2}>
            {glance.at}
          </Box>
          {glance.flag && (
            <Box borderLeft="4px solid" borderColor={colors.stop} pl={2} textStyle="lead" lineClamp={2}>
              {glance.flag}
            </Box>
          )}
          {glance.unsent > 0 && <Box textStyle="lead">{glance.unsent} not sent yet</Box>}
        </chakra.button>
      ))}
    </Flex>
  )
}
