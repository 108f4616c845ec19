import { Box } from '@chakra-ui/react'
import { Link } from 'react-router'

/** The word mark; it leads home, to the day. */
export function WordMark() {
  return (
    <Link to="/" aria-label="Nerezza, the day">
      <Box as="span" textStyle="title" fontWeight="bold" fontStretch="115%">
        Nerezza
      </Box>
    </Link>
  )
}
