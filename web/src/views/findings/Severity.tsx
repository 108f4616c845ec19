import { Box, Flex } from '@chakra-ui/react'

const spoken = ['', 'slight', 'moderate', 'marked'] as const

/** Severity 1 to 3 as notches, with its word. */
export function Severity({ value }: { value: number }) {
  return (
    <Flex as="span" align="center" gap={2} textStyle="note">
      <Flex as="span" gap="3px" aria-hidden>
        {[1, 2, 3].map((notch) => (
          <Box
            as="span"
            key={notch}
            w="8px"
            h="14px"
            border="1.5px solid"
            borderColor="currentcolor"
            bg={notch <= value ? 'currentcolor' : 'transparent'}
          />
        ))}
      </Flex>
      {spoken[value]}
    </Flex>
  )
}
