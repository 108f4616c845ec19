import { Box, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { say } from '../hooks/said'
import { Plain } from '../ui/form'
import { ScanCode } from '../ui/ScanCode'

/** A link that is shown once: to copy, or to scan from this screen. */
export function NewLink({ link, good, reachesPhones }: { link: string; good: string; reachesPhones: boolean }) {
  const [copied, setCopied] = useState(false)
  const copy = async () => {
    await navigator.clipboard.writeText(link)
    setCopied(true)
    say('Copied.')
  }
  return (
    <Box role="status" borderLeft="6px solid" borderColor="ink" bg="plate" px={4} py={3} my={4} maxW="column">
      <Box fontWeight="semibold" mb={2}>
        {good} It is shown now and not again.
      </Box>
      <Flex gap={5} wrap="wrap" align="flex-start">
        <ScanCode text={link} label="The link as a code to scan" />
        <Box flex="1" minW="200px">
          <Box overflowWrap="anywhere" mb={3}>
            {link}
          </Box>
          <Plain onClick={() => void copy()}>{copied ? 'Copied' : 'Copy the link'}</Plain>
          {!reachesPhones && (
            <Box mt={3}>
              This address leads to this machine alone: a phone cannot follow it. Start Nerezza behind a certificate with{' '}
              <Box as="code">--url</Box> (docs/deploy.md), and links carry an address that phones reach.
            </Box>
          )}
        </Box>
      </Flex>
    </Box>
  )
}
