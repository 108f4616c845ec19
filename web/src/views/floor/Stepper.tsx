import { chakra, Flex } from '@chakra-ui/react'
import { massWord } from '../../text/numbers'
import type { FloorColors } from './floor-theme'

interface Props {
  label: string
  value: string
  onLess: () => void
  onMore: () => void
  /** Where no load is planned, it is typed. */
  onTyped?: (value: number) => void
  colors: FloorColors
}

/** A number with a large key on each side. */
export function Stepper({ label, value, onLess, onMore, onTyped, colors }: Props) {
  return (
    <Flex border="1px solid" borderColor={colors.hair} align="stretch" role="group" aria-label={label}>
      <Key label={`${label} less`} sign="−" onClick={onLess} colors={colors} />
      <Flex flex="1" direction="column" align="center" justify="center">
        <chakra.span color={colors.quiet} lineHeight={1.1}>
          {label}
        </chakra.span>
        {onTyped ? (
          <chakra.input
            aria-label={`${label}, ${massWord()}`}
            inputMode="decimal"
            defaultValue={value === '0' ? '' : value}
            onChange={(event) => onTyped(Number(event.target.value.replace(',', '.')) || 0)}
            w="100px"
            textAlign="center"
            bg="transparent"
            border="1px solid"
            borderColor={colors.hair}
            textStyle="head"
          />
        ) : (
          <chakra.span textStyle="figure" fontWeight="strong" fontStretch="75%" lineHeight={1.1}>
            {value}
          </chakra.span>
        )}
      </Flex>
      <Key label={`${label} more`} sign="+" onClick={onMore} colors={colors} />
    </Flex>
  )
}

function Key({ label, sign, onClick, colors }: { label: string; sign: string; onClick: () => void; colors: FloorColors }) {
  return (
    <chakra.button
      type="button"
      aria-label={label}
      onClick={onClick}
      w="hand"
      minH="60px"
      flexShrink={0}
      textStyle="figure"
      _hover={{ bg: colors.press }}
      _active={{ bg: colors.press }}
    >
      {sign}
    </chakra.button>
  )
}
