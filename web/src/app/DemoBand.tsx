import { Flex } from '@chakra-ui/react'
import type { Me } from '../api/schema'
import { TextLink } from '../ui/TextLink'

/** On every page of the demo: that it is one, and how one's own begins. */
export function DemoBand({ me }: { me: Me }) {
  if (!me.practice?.isDemo) return null
  return (
    <Flex
      as="aside"
      aria-label="Demo"
      data-print="no"
      bg="panel"
      color="panel.ink"
      px={{ base: 3, md: 5 }}
      py={1}
      gap={{ base: 2, md: 4 }}
      textStyle="note"
      align="center"
      wrap="wrap"
    >
      Demo practice: everybody in it is made up.
      {me.canBegin && <TextLink to="/begin">Begin your own</TextLink>}
    </Flex>
  )
}
