import { Box, Flex } from '@chakra-ui/react'
import { TextLink } from './TextLink'

export interface ChainLink {
  kind: string
  text: string
  to?: string
  focused?: boolean
}

/** The chain behind what has the focus: measured, found, asked for, chosen, prescribed. Each link leads to its place. */
export function Rationale({ links, open }: { links: readonly ChainLink[]; open?: string }) {
  return (
    <Box as="section" aria-label="Because" bg="panel" color="panel.ink" flexShrink={0} data-print="no">
      {open && (
        <Box px={4} py={2.5} borderBottom="1px solid" borderColor="panel.hair" textStyle="note">
          <Box maxW="90ch">{open}</Box>
        </Box>
      )}
      <Flex minH="62px" overflowX={{ base: 'auto', lg: 'visible' }} role="list">
        {links.map((link) => (
          <Box
            key={link.kind}
            role="listitem"
            px={4}
            py={2.5}
            borderRight="1px solid"
            borderColor="panel.hair"
            borderTop="3px solid"
            borderTopColor={link.focused ? 'panel.ink' : 'transparent'}
            flexShrink={{ base: 0, lg: 1 }}
            maxW="260px"
          >
            <Box textStyle="fine" color="panel.quiet">
              {link.kind}
            </Box>
            {link.to ? <TextLink to={link.to}>{link.text}</TextLink> : <Box textStyle="plain">{link.text}</Box>}
          </Box>
        ))}
      </Flex>
    </Box>
  )
}
