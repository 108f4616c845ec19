import { Box, chakra } from '@chakra-ui/react'

/** What of a file or a pasted text cannot be read: how much, and the first of it, each with its place and why. */
export function RefusedRows({ title, lines, count }: { title: string; lines: readonly string[]; count: number }) {
  if (count === 0) return null
  return (
    <Box mb={5}>
      <chakra.h3 fontWeight="semibold" mb={1}>
        {title}
      </chakra.h3>
      <chakra.ul listStyleType="none">
        {lines.map((why) => (
          <chakra.li key={why} textStyle="note" color="stop" overflowWrap="anywhere">
            {why}
          </chakra.li>
        ))}
      </chakra.ul>
      {count > lines.length && (
        <Box textStyle="note" color="quiet">
          and {count - lines.length} more
        </Box>
      )}
    </Box>
  )
}
