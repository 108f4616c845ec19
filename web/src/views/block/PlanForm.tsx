import { typedNumber } from '../../text/numbers'
import { Box, chakra, Grid } from '@chakra-ui/react'
import type { BlockBase, BlockKind, BlockPart } from '../../api/schema'
import { useMakePlan } from '../../hooks/useBlock'
import { useDraft } from '../../hooks/useDraft'
import { useFocusOnWrong } from '../../hooks/useFocusOnWrong'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import { options } from '../../text/codes'
import { comingMonday, shortDate, today } from '../../text/dates'
import { NumberField, Primary, SelectField, TextField } from '../../ui/form'

import { fieldErrors } from '../../parts/SaveBar'

const kinds = [{ value: 'auto', label: 'What fits best' }, ...options(codes.blockKind.filter((one) => one !== 'auto'))]

interface Props {
  clientId: string
  title: string
  /** The block that the new one takes the place of; null where there is none. */
  inForce?: BlockPart
  onDone?: () => void
}

/** Asks for a block: when it starts, how long it is, what it is for. */
export function PlanForm({ clientId, title, inForce, onDone }: Props) {
  const draft = useDraft(`${clientId}.plan`, { start: comingMonday(), weeks: '4', kind: 'auto', base: 'made' })
  const make = useMakePlan(clientId)
  const error = fieldErrors(make.error, '')
  useFocusOnWrong(make.error)
  const { value, set } = draft
  const last = inForce?.weeks.at(-1)?.sessions.at(-1)?.date
  return (
    <chakra.form
      px={2.5}
      py={4}
      borderY="1px solid"
      borderColor="hair"
      onSubmit={(event) => {
        event.preventDefault()
        // A promise and not the mutation's own callback: the new block is drawn, and this form gone, before it is called.
        make
          .mutateAsync({
            start: value.start,
            weeks: typedNumber(value.weeks),
            kind: value.kind as BlockKind,
            base: value.base as BlockBase,
          })
          .then(
            () => {
              draft.reset()
              onDone?.()
            },
            () => undefined,
          )
      }}
    >
      <chakra.h2 textStyle="title" fontWeight="strong" mb={3}>
        {title}
      </chakra.h2>
      <Grid templateColumns={{ base: '1fr 1fr', md: '150px 80px 170px 170px' }} gap={4} alignItems="start">
        <TextField
          label="Starts"
          type="date"
          required
          value={value.start}
          error={error('start')}
          onChange={(e) => set({ start: e.target.value })}
        />
        <NumberField
          label="Weeks"
          required
          hint={`${limits.planRequest.weeks.least} to ${limits.planRequest.weeks.most}`}
          value={value.weeks}
          error={error('weeks')}
          onValue={(weeks) => set({ weeks })}
        />
        <SelectField label="Kind" value={value.kind} options={kinds} onValue={(kind) => set({ kind })} />
        <SelectField
          label="Start from"
          value={value.base}
          options={[
            { value: 'made', label: 'A plan made here' },
            { value: 'empty', label: 'Empty weeks' },
          ]}
          onValue={(base) => set({ base })}
        />
        <Box gridColumn="1 / -1">
          {last && last >= today() && (
            <Box mb={3} textStyle="note" borderLeft="6px solid" borderColor="edge" pl={3}>
              The block in force has sessions until {shortDate(last)}. The new one takes its place as soon as it is made, on the floor too.
              To have the old one again, go back to it under Versions.
            </Box>
          )}
          <Primary type="submit" loading={make.isPending} loadingText="Planning">
            Make the block
          </Primary>
        </Box>
      </Grid>
      {make.error && (
        <Box role="alert" color="stop" fontWeight="semibold" mt={3}>
          {make.error.message} {'detail' in make.error ? String(make.error.detail) : ''}
        </Box>
      )}
    </chakra.form>
  )
}
