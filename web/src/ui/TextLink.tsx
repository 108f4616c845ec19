import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'

/** A link within text: underlined, with air below the letters. */
export const TextLink = chakra(Link, { base: { textDecoration: 'underline', textUnderlineOffset: '3px' } })

/** A link that is a block of its own. */
export const BlockLink = chakra(Link, { base: { display: 'block' } })
