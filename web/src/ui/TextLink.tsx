import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'

const underlined = { base: { display: 'inline-block', paddingBlock: '3px', textDecoration: 'underline', textUnderlineOffset: '3px' } }

/** A link within text: underlined, with air around the letters, so that a finger meets it. */
export const TextLink = chakra(Link, underlined)

/** The same to a file that is taken out. */
export const FileLink = chakra('a', underlined, { defaultProps: { download: true } })

/** A link that is a block of its own. */
export const BlockLink = chakra(Link, { base: { display: 'block' } })
