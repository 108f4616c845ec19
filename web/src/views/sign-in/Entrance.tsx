import { Box, chakra, Flex, Stack } from '@chakra-ui/react'

/** The page before anybody is signed in: the mark on the left, one form on the right. */
export function Entrance({ title, onSubmit, children }: { title: string; onSubmit?: () => void; children: React.ReactNode }) {
  const Frame = onSubmit ? chakra.form : Box
  return (
    <Flex as="main" minH="100%" align="stretch">
      <Flex direction="column" justify="flex-end" bg="panel" color="panel.ink" p={10} w="42%" display={{ base: 'none', md: 'flex' }}>
        <Box textStyle="mark" fontWeight="bold" fontStretch="115%" lineHeight={1}>
          Nerezza
        </Box>
        <Box mt={4} color="panel.quiet" maxW="34ch">
          Measure, find out why, choose, prescribe, run the session, learn from the log.
        </Box>
      </Flex>
      <Flex flex="1" align="center" justify="flex-start" px={{ base: 5, md: 14 }} py={8}>
        <Frame
          w="100%"
          maxW="340px"
          onSubmit={(event: React.FormEvent) => {
            event.preventDefault()
            onSubmit?.()
          }}
        >
          <Stack gap={4}>
            <chakra.h1 textStyle="head" fontWeight="strong">
              {title}
            </chakra.h1>
            {children}
          </Stack>
        </Frame>
      </Flex>
    </Flex>
  )
}
