import { typedNumber } from '../../text/numbers'
import { Box, chakra, Grid } from '@chakra-ui/react'
import type { BlockBase, BlockKind, PlanPlace, PlanSpan } from '../../api/schema'
import { useMakePlan, usePlanPlace } from '../../hooks/useBlock'
import { useDraft } from '../../hooks/useDraft'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import { options } from '../../text/codes'
import { addDays, comingMonday, shortDate, today } from '../../text/dates'
import { NumberField, Primary, SelectField, TextField } from '../../ui/form'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { FromTemplate } from './FromTemplate'

const kinds = [{ value: 'auto', label: 'What fits best' }, ...options(codes.blockKind.filter((one) => one !== 'auto'))]

/** The day after the last block that stands, else the coming Monday. */
function afterLast(standing: readonly PlanSpan[]): string {
  const last = standing.at(-1)?.ends
  return last && last >= today() ? addDays(last, 1) : comingMonday()
}

/** What becomes of the blocks that stand, in words. */
function placeWords(start: string, place: PlanPlace | undefined): string[] {
  if (!place) return []
  return [
    ...place.replaces.map(
      (plan) =>
        `It takes the place of the block from ${shortDate(plan.starts)} to ${shortDate(plan.ends)} as soon as it is made, ` +
        'on the floor too. To have the old one again, go back to it under Versions.',
    ),
    ...(place.shortens
      ? [`The block that runs until ${shortDate(place.shortens.ends)} ends on ${shortDate(addDays(start, -1))}: this one takes over.`]
      : []),
  ]
}

interface Props {
  clientId: string
  title: string
  /** When it starts unless another day is chosen; after the last block where none is given. */
  start?: string
  /** Every block that stands, first to last. */
  standing?: readonly PlanSpan[]
  onDone?: (start: string) => void
}

/** Asks for a block: when it starts, how long it is, what it is for. */
export function PlanForm({ clientId, title, start, standing = [], onDone }: Props) {
  const draft = useDraft(`${clientId}.plan`, { start: start ?? afterLast(standing), weeks: '4', kind: 'auto', base: 'made' })
  const make = useMakePlan(clientId)
  const place = usePlanPlace(clientId, draft.value.start, typedNumber(draft.value.weeks))
  const error = fieldErrors(make.error, '')
  const { value, set } = draft
  const fromTemplate = value.base === 'template'
  return (
    <chakra.form
      px={2.5}
      py={4}
      borderY="1px solid"
      borderColor="hair"
      onSubmit={(event) => {
        event.preventDefault()
        if (fromTemplate) return
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
              onDone?.(value.start)
            },
            () => undefined,
          )
      }}
    >
      <chakra.h2 textStyle="title" fontWeight="strong" mb={3}>
        {title}
      </chakra.h2>
      <Grid
        templateColumns={{ base: '1fr 1fr', md: fromTemplate ? '150px 170px 1fr' : '150px 80px 170px 170px' }}
        gap={4}
        alignItems="start"
      >
        <TextField
          label="Starts"
          type="date"
          required
          value={value.start}
          error={error('start')}
          onChange={(e) => set({ start: e.target.value })}
        />
        {!fromTemplate && (
          <>
            <NumberField
              label="Weeks"
              required
              hint={`${limits.planRequest.weeks.least} to ${limits.planRequest.weeks.most}`}
              value={value.weeks}
              error={error('weeks')}
              onValue={(weeks) => set({ weeks })}
            />
            <SelectField label="Kind" value={value.kind} options={kinds} onValue={(kind) => set({ kind })} />
          </>
        )}
        <SelectField
          label="Start from"
          value={value.base}
          options={[
            { value: 'made', label: 'A plan made here' },
            { value: 'empty', label: 'Empty weeks' },
            { value: 'template', label: 'A template' },
          ]}
          onValue={(base) => set({ base })}
        />
        <Box gridColumn="1 / -1">
          {placeWords(value.start, place).map((line) => (
            <Box key={line} mb={3} textStyle="note" borderLeft="6px solid" borderColor="edge" pl={3}>
              {line}
            </Box>
          ))}
          {fromTemplate ? (
            <FromTemplate
              clientId={clientId}
              start={value.start}
              onDone={() => {
                draft.reset()
                onDone?.(value.start)
              }}
            />
          ) : (
            <Primary type="submit" loading={make.isPending} loadingText="Planning">
              Make the block
            </Primary>
          )}
        </Box>
      </Grid>
      <ProblemLine problem={make.error} of={value} />
    </chakra.form>
  )
}
