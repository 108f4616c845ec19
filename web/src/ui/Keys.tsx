import { Box, Button, chakra, Flex, Grid, Input } from '@chakra-ui/react'
import { type KeyboardEvent, useId, useRef, useState } from 'react'

export interface Choice<T> {
  value: T
  label: string
}

/** One of some as large keys; the arrows move between them, pressing the chosen one again takes it back, which a radio group of the library
 *  does not do. */
export function Keys<T extends string | number | boolean>({
  label,
  choices,
  chosen,
  onChoose,
  narrow = false,
}: {
  label: string
  choices: readonly Choice<T>[]
  chosen: T | null | undefined
  onChoose: (value: T | null) => void
  narrow?: boolean
}) {
  const at = choices.findIndex((choice) => choice.value === chosen)
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!step) return
    const keys = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=radio]')]
    const next = keys[(keys.indexOf(document.activeElement as HTMLElement) + step + keys.length) % keys.length]
    next?.focus()
    event.preventDefault()
  }
  return (
    <Grid
      role="radiogroup"
      aria-label={label}
      templateColumns={`repeat(auto-fill, minmax(${narrow ? '50px' : '112px'}, 1fr))`}
      gap={2}
      onKeyDown={onKeyDown}
    >
      {choices.map((choice, i) => (
        <Button
          key={String(choice.value)}
          role="radio"
          aria-checked={choice.value === chosen}
          tabIndex={i === Math.max(0, at) ? 0 : -1}
          variant="outline"
          minH={narrow ? '48px' : '56px'}
          px={1}
          textStyle={narrow ? 'title' : 'entry'}
          fontWeight="medium"
          whiteSpace="normal"
          bg={choice.value === chosen ? 'ink' : 'lifted'}
          color={choice.value === chosen ? 'ground' : 'ink'}
          borderColor="edge"
          _hover={{ bg: choice.value === chosen ? 'ink' : 'plate' }}
          onClick={() => onChoose(choice.value === chosen ? null : choice.value)}
        >
          {choice.label}
        </Button>
      ))}
    </Grid>
  )
}

/** A number large enough to enter beside a client: typed, stepped, or by its key. */
export function BigNumber({
  label,
  unit,
  value,
  onValue,
  keys,
  fine,
  most,
  whole = false,
  hint,
}: {
  label: string
  unit: string
  value: number | null | undefined
  onValue: (value: number | null) => void
  keys: readonly number[]
  fine: number
  /** More than this is a slip of the hand: it stays as typed, with its range, and is not taken. */
  most?: number | null
  /** Counted: no parts of it. */
  whole?: boolean
  hint?: string
}) {
  const id = useId()
  // What is being typed stays as it was typed, so that "10." can become "10.5".
  const [text, setText] = useState<string | null>(null)
  // What stood before the typing: a slip of the hand leaves that, not the part of it that could be read on the way.
  const before = useRef(value ?? null)
  const put = (number: number | null) => {
    setText(null)
    onValue(number)
  }
  const within = (number: number) => number <= (most ?? Number.POSITIVE_INFINITY) && (!whole || Number.isInteger(number))
  const stepped = (by: number) => {
    const next = Math.max(0, Number(((value ?? keys[0] ?? 0) + by).toFixed(2)))
    if (within(next)) put(next)
  }
  const read = text === null ? null : typed(text)
  const wrong = text !== null && text.trim() !== '' && (read === null || !within(read))
  const told = wrong
    ? `${text?.trim() ?? ''} is not ${whole ? 'a whole number ' : ''}between 0 and ${most ?? 'what can be'} ${unit}.`
    : hint
  return (
    <Box minW={0}>
      <chakra.label htmlFor={id} display="block" textStyle="plain" fontWeight="semibold" mb={1.5}>
        {label}
        <chakra.span color="quiet" fontWeight="normal">
          , {unit}
        </chakra.span>
      </chakra.label>
      <Flex gap={2} mb={2}>
        <StepKey label={`${label}: less`} onClick={() => stepped(-fine)}>
          −
        </StepKey>
        <Input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={text ?? value ?? ''}
          aria-invalid={wrong}
          onBlur={() => setText((kept) => (wrong ? kept : null))}
          onChange={(event) => {
            if (text === null) before.current = value ?? null
            setText(event.target.value)
            const number = typed(event.target.value)
            const isTaken = event.target.value.trim() === '' || (number !== null && within(number))
            onValue(isTaken ? number : before.current)
          }}
          h="hand"
          w="110px"
          textStyle="figure"
          fontWeight="strong"
          textAlign="center"
          bg="lifted"
          color="ink"
          borderColor="edge"
          aria-describedby={told ? `${id}-hint` : undefined}
        />
        <StepKey label={`${label}: more`} onClick={() => stepped(fine)}>
          +
        </StepKey>
      </Flex>
      <Keys
        narrow
        label={`${label}, keys`}
        choices={keys.map((key) => ({ value: key, label: String(key) }))}
        chosen={value}
        onChoose={put}
      />
      {told && (
        <Box
          id={`${id}-hint`}
          role={wrong ? 'alert' : undefined}
          mt={1.5}
          textStyle="note"
          color={wrong ? 'stop' : 'quiet'}
          fontWeight={wrong ? 'semibold' : 'normal'}
        >
          {told}
        </Box>
      )}
    </Box>
  )
}

function typed(text: string): number | null {
  const trimmed = text.trim().replace(',', '.')
  const number = Number(trimmed)
  return trimmed !== '' && Number.isFinite(number) && number >= 0 ? number : null
}

function StepKey({ label, children, onClick }: { label: string; children: string; onClick: () => void }) {
  return (
    <Button
      aria-label={label}
      variant="outline"
      minW="hand"
      minH="hand"
      textStyle="head"
      bg="lifted"
      color="ink"
      borderColor="edge"
      _hover={{ bg: 'plate' }}
      onClick={onClick}
    >
      {children}
    </Button>
  )
}
