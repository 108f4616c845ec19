import { Box, Button, type ButtonProps, chakra, Flex, Input, type InputProps, NativeSelect } from '@chakra-ui/react'
import { useId } from 'react'
import { useStanding } from './useStanding'

interface FieldProps {
  label: string
  hint?: string
  error?: string
  /** A question about what stands there; it is kept either way. */
  doubt?: string
  /** What the error was said of: it goes when this changes. */
  of?: unknown
  children: (ids: { id: string; describedBy: string | undefined; invalid: boolean }) => React.ReactNode
}

/** A labelled field; what is wrong with it stands under it and is read with it. */
export function Field({ label, hint, error: said, doubt, of, children }: FieldProps) {
  const id = useId()
  const error = useStanding(said, of)
  const told = error ?? doubt ?? hint
  const describedBy = told ? `${id}-more` : undefined
  return (
    <Box minW={0}>
      <chakra.label htmlFor={id} display="block" textStyle="note" color="quiet" mb={1}>
        {label}
      </chakra.label>
      {children({ id, describedBy, invalid: error !== undefined })}
      {describedBy && (
        <Box
          id={describedBy}
          textStyle="fine"
          mt={1}
          color={error ? 'stop' : doubt ? 'ink' : 'quiet'}
          fontWeight={error || doubt ? 'semibold' : 'normal'}
        >
          {told}
        </Box>
      )}
    </Box>
  )
}

const box = { bg: 'lifted', borderColor: 'edge', borderRadius: '2px', height: '38px', fontSize: 'plain', color: 'ink' } as const

export function TextField({
  label,
  hint,
  error,
  doubt,
  of,
  ...input
}: Omit<FieldProps, 'children'> & { ref?: React.Ref<HTMLInputElement> } & InputProps) {
  return (
    <Field label={label} hint={hint} error={error} doubt={doubt} of={of ?? input.value}>
      {({ id, describedBy, invalid }) => <Input id={id} aria-describedby={describedBy} aria-invalid={invalid} {...box} {...input} />}
    </Field>
  )
}

/** Several lines of text. */
export function LinesField({
  label,
  error,
  value,
  rows = 3,
  onValue,
}: {
  label: string
  error?: string
  value: string
  rows?: number
  onValue: (value: string) => void
}) {
  return (
    <Field label={label} error={error} of={value}>
      {({ id, describedBy, invalid }) => (
        <chakra.textarea
          id={id}
          aria-describedby={describedBy}
          aria-invalid={invalid}
          value={value}
          rows={rows}
          onChange={(event) => onValue(event.target.value)}
          w="100%"
          px={3}
          py={2}
          {...box}
          height="auto"
          borderWidth="1px"
          borderStyle="solid"
        />
      )}
    </Field>
  )
}

/** A number as typed: the text is kept as it is until it is sent, so that nothing typed is lost. */
export function NumberField({
  label,
  value,
  onValue,
  ...rest
}: Omit<FieldProps, 'children'> & { value: string; onValue: (value: string) => void } & Omit<InputProps, 'value'>) {
  return <TextField label={label} inputMode="decimal" value={value} onChange={(event) => onValue(event.target.value)} {...rest} />
}

export function SelectField({
  label,
  hint,
  error,
  value,
  options,
  onValue,
}: {
  label: string
  hint?: string
  error?: string
  value: string
  options: readonly { value: string; label: string }[]
  onValue: (value: string) => void
}) {
  return (
    <Field label={label} hint={hint} error={error} of={value}>
      {({ id, describedBy, invalid }) => (
        <NativeSelect.Root>
          <NativeSelect.Field
            id={id}
            aria-describedby={describedBy}
            aria-invalid={invalid}
            value={value}
            onChange={(event) => onValue(event.target.value)}
            {...box}
          >
            {options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.label}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
    </Field>
  )
}

type WithRef = ButtonProps & { ref?: React.Ref<HTMLButtonElement> }

/** Out of use or at work it keeps the focus: a button that the browser disables lets it fall to the page. */
function Keeping({ disabled, loading, loadingText, onClick, children, ...rest }: WithRef) {
  const off = (disabled ?? false) || (loading ?? false)
  return (
    <Button
      aria-disabled={off || undefined}
      aria-busy={loading || undefined}
      onClick={(event) => (off ? event.preventDefault() : onClick?.(event))}
      {...rest}
    >
      {loading ? (loadingText ?? children) : children}
    </Button>
  )
}

/** A choice that is on or off, as a plate that is pressed or not. */
export function Toggle({ on, children, ...rest }: { on: boolean } & ButtonProps) {
  return (
    <Keeping
      size="sm"
      variant="outline"
      aria-pressed={on}
      bg={on ? 'ink' : 'lifted'}
      color={on ? 'ground' : 'ink'}
      borderColor="edge"
      fontWeight="medium"
      minH="cell"
      h="auto"
      py={1}
      maxW="100%"
      whiteSpace="normal"
      _hover={{ bg: on ? 'ink' : 'plate' }}
      {...rest}
    >
      {children}
    </Keeping>
  )
}

/** The one thing to do here. */
export function Primary(props: WithRef) {
  return <Keeping bg="ink" color="ground" _hover={{ bg: 'quiet' }} minH="40px" px={5} {...props} />
}

/** The same two on the panel. */
export function PanelPrimary(props: WithRef) {
  return <Keeping bg="panel.ink" color="panel" _hover={{ bg: 'panel.quiet' }} minH="38px" px={4} {...props} />
}

export function PanelPlain(props: WithRef) {
  return (
    <Keeping
      variant="outline"
      bg="transparent"
      color="panel.ink"
      borderColor="panel.quiet"
      minH="38px"
      _hover={{ bg: 'panel.lifted' }}
      {...props}
    />
  )
}

export function Plain(props: WithRef) {
  return <Keeping variant="outline" bg="lifted" color="ink" borderColor="edge" minH="38px" _hover={{ bg: 'plate' }} {...props} />
}

export function Section({ title, aside, children }: { title: string; aside?: React.ReactNode; children: React.ReactNode }) {
  const id = useId()
  return (
    <Box as="section" aria-labelledby={id} borderBottom="1px solid" borderColor="hair" px={{ base: 4, md: 6 }} py={5}>
      <Flex justify="space-between" align="baseline" mb={3} gap={3} wrap="wrap">
        <chakra.h2 id={id} textStyle="title" fontWeight="strong">
          {title}
        </chakra.h2>
        {aside}
      </Flex>
      {children}
    </Box>
  )
}
