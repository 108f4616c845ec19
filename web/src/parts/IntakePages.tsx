import { Box, Flex } from '@chakra-ui/react'
import { NavLink } from 'react-router'

const pages = [
  { path: 'intake', name: 'File' },
  { path: 'health', name: 'Health and pain' },
] as const

/** The two pages of Intake: the file, and the health questions on a page of their own. */
export function IntakePages({ clientId }: { clientId: string }) {
  return (
    <Flex as="nav" aria-label="Pages of Intake" px={{ base: 4, md: 6 }} pt={4} gap={5}>
      {pages.map((page) => (
        <NavLink key={page.path} to={`/clients/${clientId}/${page.path}`}>
          {({ isActive }) => (
            <Box pb={1} borderBottom="3px solid" borderColor={isActive ? 'ink' : 'transparent'} fontWeight={isActive ? 'strong' : 'medium'}>
              {page.name}
            </Box>
          )}
        </NavLink>
      ))}
    </Flex>
  )
}
