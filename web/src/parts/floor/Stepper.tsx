import { chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { plain } from '../../text/numbers'
import type { FloorColors } from './floor-theme'

interface Props {
  label: string
  /** What is shown, and what the number is called for who hears it. */
  value: string
  onLess: () => void
  onMore: () => void
  /** Where it can be typed: a number that is not below zero, or null where the field is emptied. */
  onTyped?: (value: number | null) => void
  /** The unit, for who hears it. */
  unit?: string
  colors: FloorColors
}

/** A number with a large key on each side; most can be typed as well. */
export function Stepper({ label, value, onLess, onMore, onTyped, unit, colors }: Props) {
  return (
    <Flex border="1px solid" borderColor={colors.hair} align="stretch" role="group" aria-label={label} minW={0}>
      <Key label={`${label} less`} sign="−" onClick={onLess} colors={colors} />
      <Flex flex="1" direction="column" align="center" justify="center" minW={0}>
        <chakra.span color={colors.quiet} lineHeight={1.1} textAlign="center">
          {label}
        </chakra.span>
        {onTyped ? (
          <TypedNumber label={unit ? `${label}, ${unit}` : label} value={value} onTyped={onTyped} />
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

const isNumber = /^\d+([.,]\d*)?$/

function TypedNumber({ label, value, onTyped }: { label: string; value: string; onTyped: (value: number | null) => void }) {
  // What is typed stands as it is until the field is left or the number changes from elsewhere.
  const [typed, setTyped] = useState<string | null>(null)
  const number = (text: string) => Number(text.replace(',', '.'))
  const shown = typed !== null && (typed === '' ? value === '' : isNumber.test(typed) && plain(number(typed), 3) === value) ? typed : value
  return (
    <chakra.input
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      value={shown}
      placeholder="type"
      onFocus={(event) => event.target.select()}
      onChange={(event) => {
        const text = event.target.value.trim()
        if (text !== '' && !isNumber.test(text)) return
        setTyped(text)
        onTyped(text === '' ? null : number(text))
      }}
      onBlur={() => setTyped(null)}
      w="100%"
      minW={0}
      minH="target"
      textAlign="center"
      bg="transparent"
      textStyle="figure"
      fontWeight="strong"
      fontStretch="75%"
      lineHeight={1.1}
    />
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
