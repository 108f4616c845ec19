import { Box, Flex } from '@chakra-ui/react'
import { useLocation, useNavigate } from 'react-router'
import { DemoBand } from './DemoBand'
import type { Frame } from './frame'
import { HeadButton } from './HeadButton'
import { HeadWords } from './HeadWords'
import { Said, SkipToWork, Work } from './Work'

/** The frame of a lifter's own pages: their practice above, nothing of anybody else. */
export function LifterShell(frame: Frame) {
  const place = useLocation().pathname
  const navigate = useNavigate()
  return (
    <Flex h="100%" direction="column">
      <SkipToWork />
      <Flex
        as="header"
        minH="46px"
        borderBottom="1px solid"
        borderColor="hair"
        bg="plate"
        align="center"
        justify="space-between"
        overflowX="auto"
      >
        <Box px={4} fontWeight="semibold" whiteSpace="nowrap">
          {frame.open.practice}
        </Box>
        <Flex align="center" gap={1} px={2} flexShrink={0}>
          {place !== '/' && <HeadButton label="Training" onClick={() => navigate('/')} />}
          <HeadWords {...frame} />
        </Flex>
      </Flex>
      <DemoBand me={frame.me} />
      <Work />
      <Said />
    </Flex>
  )
}
