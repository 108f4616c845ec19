import { Box } from '@chakra-ui/react'
import { Link } from 'react-router'

/** The word mark; it leads home, to the day. */
export function WordMark() {
  return (
    <Link to="/" aria-label="Nerezza, the day">
      <Box as="span" fontSize="20px" fontWeight="750" fontStretch="115%">
        Nerezza
      </Box>
    </Link>
  )
}
