import { Box, chakra, Flex } from '@chakra-ui/react'
import { TextLink } from '../../ui/TextLink'

interface Props {
  title: string
  back: string
  children: React.ReactNode
}

/** A page for paper, A4 or Letter: black on white whatever the theme, with room to write. */
export function Sheet({ title, back, children }: Props) {
  return (
    <Box
      as="main"
      bg="paper"
      color="paper.ink"
      minH="100%"
      px={{ base: 4, md: 8 }}
      py={5}
      textStyle="fine"
      css={{ '@media print': { padding: 0 } }}
    >
      <Flex gap={4} mb={4} align="center" data-print="no" textStyle="plain">
        <TextLink to={back}>Back</TextLink>
        <chakra.button type="button" border="1px solid #000" px={4} minH="38px" onClick={() => print()}>
          Print
        </chakra.button>
      </Flex>
      <chakra.h1 textStyle="title" fontWeight="bold" mb={3}>
        {title}
      </chakra.h1>
      {children}
    </Box>
  )
}

/** A table as wide as the paper; on a screen that is narrower it is moved sideways, by the keyboard too. */
export function WideTable({ label, columns, children }: { label: string; columns: 'fixed' | 'auto'; children: React.ReactNode }) {
  return (
    <Box overflowX="auto" tabIndex={0} role="group" aria-label={label} css={{ '@media print': { overflow: 'visible' } }}>
      <chakra.table w="100%" minW="680px" css={{ '@media print': { minWidth: 0 } }} borderCollapse="collapse" tableLayout={columns}>
        {children}
      </chakra.table>
    </Box>
  )
}

export const Th = chakra('th', {
  base: { textAlign: 'left', verticalAlign: 'top', border: '1px solid #000', px: 1.5, py: 1, fontWeight: 600 },
})
export const Td = chakra('td', { base: { verticalAlign: 'top', border: '1px solid #000', px: 1.5, py: 1 } })
