import { Box } from '@chakra-ui/react'

/** The one mark of a decision that waits. */
export function Waits({ label = 'a decision waits', onPanel = false }: { label?: string; onPanel?: boolean }) {
  return (
    <Box
      as="span"
      display="inline-block"
      w="11px"
      h="11px"
      flexShrink={0}
      bg={onPanel ? 'panel.stop' : 'stop'}
      transform="rotate(45deg)"
      role="img"
      aria-label={label}
    />
  )
}
