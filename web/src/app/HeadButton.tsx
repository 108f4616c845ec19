import { chakra } from '@chakra-ui/react'

/** A word in the head of the frame that does something. */
export function HeadButton({ label, hint, onClick }: { label: string; hint?: string; onClick: () => void }) {
  return (
    <chakra.button
      type="button"
      onClick={onClick}
      px={2}
      minH="cell"
      textStyle="note"
      color="ink"
      whiteSpace="nowrap"
      _hover={{ bg: 'lifted' }}
    >
      {label}
      {hint && (
        <chakra.kbd
          display={{ base: 'none', md: 'inline' }}
          ml={1}
          px={1}
          border="1px solid"
          borderColor="edge"
          textStyle="fine"
          fontFamily="body"
          aria-hidden
        >
          {hint}
        </chakra.kbd>
      )}
    </chakra.button>
  )
}
