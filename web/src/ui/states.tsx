import { Box, Button, Skeleton, Stack } from '@chakra-ui/react'

/** A view that is on its way. */
export function Loading({ label, rows = 4 }: { label: string; rows?: number }) {
  return (
    <Stack p={5} gap={3} role="status" aria-label={label}>
      {Array.from({ length: rows }, (_, i) => `row-${i}`).map((key) => (
        <Skeleton key={key} height="34px" borderRadius="2px" />
      ))}
    </Stack>
  )
}

/** A view that could not be fetched: says what happened and offers another try. */
export function Failed({ message, retry }: { message: string; retry: () => void }) {
  return (
    <Box p={5} role="alert">
      <Box fontWeight="semibold">{message}</Box>
      <Box color="quiet" mt={1} mb={3}>
        Nothing was lost. Check the connection and try again.
      </Box>
      <Button variant="outline" onClick={retry}>
        Try again
      </Button>
    </Box>
  )
}

/** A caution or a stop: a shape, a word and the one red. */
export function Caution({ word, children, onPanel = false }: { word: string; children: React.ReactNode; onPanel?: boolean }) {
  const color = onPanel ? 'panel.stop' : 'stop'
  return (
    <Box role="alert" borderLeft="6px solid" borderColor={color} px={4} py={2.5} bg={onPanel ? 'transparent' : 'plate'}>
      <Box as="span" color={color} fontWeight="bold" mr={2}>
        <Box as="span" aria-hidden display="inline-block" w="11px" h="11px" bg={color} transform="rotate(45deg)" mr={2} />
        {word}
      </Box>
      {children}
    </Box>
  )
}
