import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { ExerciseLine, IntakeView, StrengthSection } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useAddMax, useRemoveMax } from '../../hooks/useIntake'
import { shortDate, today } from '../../text/dates'
import { biasInWords, mass, massUnit, typedNumber } from '../../text/numbers'
import { NumberField, Plain, Primary, Section, SelectField, TextField } from '../../ui/form'
import { MeasureField } from '../../ui/MeasureField'
import { Numeral } from '../../ui/Numeral'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'

const Cell = chakra('td', { base: { py: 2, pr: 4, borderBottom: '1px solid', borderColor: 'hair', verticalAlign: 'baseline' } })
const Head = chakra('th', {
  base: {
    textAlign: 'left',
    fontSize: 'note',
    fontWeight: 500,
    color: 'quiet',
    py: 1,
    pr: 4,
    borderBottom: '1px solid',
    borderColor: 'edge',
  },
})

/** How strong the client is: sets that were entered, and what they say of each max. */
export function MaxesPart({ view, catalogue }: { view: IntakeView; catalogue: readonly ExerciseLine[] }) {
  const name = (id: string) => catalogue.find((exercise) => exercise.id === id)?.name ?? id
  const remove = useRemoveMax(view.id)
  const add = useAddMax(view.id)
  const [removed, setRemoved] = useState<StrengthSection | null>(null)
  return (
    <Section title="Maxes">
      {view.maxes.length > 0 && (
        <Flex wrap="wrap" gap={6} mb={5}>
          {view.maxes.map((max) => (
            <Box key={max.exercise + (max.side ?? '')}>
              <Box textStyle="note" color="quiet">
                {name(max.exercise)}
                {max.side ? `, ${max.side}` : ''}
              </Box>
              <Numeral value={mass(max.kg, 1)} unit={massUnit()} size="figure" />
              <Box textStyle="note" color="quiet">
                likely {mass(max.low, 0)} to {mass(max.high, 0)}
              </Box>
              {view.doubts
                .filter((one) => one.exercise === max.exercise && (one.side ?? null) === (max.side ?? null))
                .map((one) => (
                  <Box key={one.text} textStyle="note" fontWeight="semibold" maxW="20ch">
                    {one.text}
                  </Box>
                ))}
              {max.bias && (
                <Box textStyle="note" color="quiet" maxW="20ch">
                  {biasInWords(max.bias, name)}
                </Box>
              )}
            </Box>
          ))}
        </Flex>
      )}
      <Box position="relative" overflowX="auto">
        <chakra.table w="100%" maxW="720px">
          <chakra.caption textAlign="left" pb={1.5}>
            Sets entered
          </chakra.caption>
          <thead>
            <tr>
              <Head scope="col">Exercise</Head>
              <Head scope="col">Set</Head>
              <Head scope="col">RPE</Head>
              <Head scope="col">Day</Head>
              <Head scope="col">Says</Head>
              <Head scope="col">
                <chakra.span srOnly>Remove</chakra.span>
              </Head>
            </tr>
          </thead>
          <tbody>
            {view.entered.map((entry) => (
              <tr key={entry.id}>
                <Cell>
                  {name(entry.set.exercise)}
                  {entry.set.side ? `, ${entry.set.side}` : ''}
                </Cell>
                <Cell>
                  <Numeral value={`${entry.set.reps} × ${mass(entry.set.kg)}`} unit={massUnit()} />
                </Cell>
                <Cell>{entry.set.rpe ?? '–'}</Cell>
                <Cell>{entry.set.date ? shortDate(entry.set.date) : 'not known'}</Cell>
                <Cell>{entry.oneRepMaxKg ? <Numeral value={mass(entry.oneRepMaxKg, 1)} unit={massUnit()} /> : 'too many repetitions'}</Cell>
                <Cell>
                  <Plain
                    size="sm"
                    aria-label={`Remove ${name(entry.set.exercise)} ${entry.set.reps} × ${mass(entry.set.kg)}`}
                    onClick={() => remove.mutate(entry.id, { onSuccess: () => setRemoved(entry.set) })}
                  >
                    Remove
                  </Plain>
                </Cell>
              </tr>
            ))}
            {view.entered.length === 0 && (
              <tr>
                <Cell colSpan={6}>None yet. Enter one good set of the squat and one of the hinge; loads follow from them.</Cell>
              </tr>
            )}
          </tbody>
        </chakra.table>
      </Box>
      {removed && (
        <Flex mt={3} gap={3} align="center" role="status">
          Removed.
          <Plain size="sm" onClick={() => add.mutate(removed, { onSuccess: () => setRemoved(null) })}>
            Undo
          </Plain>
        </Flex>
      )}
      <AddMax view={view} catalogue={catalogue} />
    </Section>
  )
}

function AddMax({ view, catalogue }: { view: IntakeView; catalogue: readonly ExerciseLine[] }) {
  const draft = useDraft(`${view.id}.max`, { exercise: 'back-squat-high-bar', kg: '', reps: '', rpe: '', date: today() })
  const add = useAddMax(view.id)
  const error = fieldErrors(add.error, '')
  const { value, set } = draft
  const submit = () =>
    add.mutate(
      {
        exercise: value.exercise,
        kg: typedNumber(value.kg) as number,
        reps: typedNumber(value.reps) as number,
        rpe: typedNumber(value.rpe),
        date: value.date || null,
      },
      { onSuccess: () => draft.settle(value) },
    )
  const lifts = catalogue.filter((exercise) => !['mobility', 'priming', 'drill'].includes(exercise.pattern))
  return (
    <chakra.form
      mt={5}
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
    >
      <Grid templateColumns={{ base: '1fr 1fr', lg: '2fr 1fr 1fr 1fr 1.3fr auto' }} gap={3} alignItems="start">
        <SelectField
          label="Exercise"
          value={value.exercise}
          error={error('exercise')}
          options={lifts.map((exercise) => ({ value: exercise.id, label: exercise.name }))}
          onValue={(exercise) => set({ exercise })}
        />
        <MeasureField measure="mass" label={massUnit()} value={value.kg} error={error('kg')} onValue={(kg) => set({ kg })} />
        <NumberField label="Repetitions" value={value.reps} error={error('reps')} onValue={(reps) => set({ reps })} />
        <NumberField label="RPE" hint="Empty: to failure" value={value.rpe} error={error('rpe')} onValue={(rpe) => set({ rpe })} />
        <TextField label="Day" type="date" value={value.date} error={error('date')} onChange={(e) => set({ date: e.target.value })} />
        <Box pt="25px">
          <Primary type="submit" loading={add.isPending}>
            Add
          </Primary>
        </Box>
      </Grid>
      <ProblemLine problem={add.error} of={value} />
    </chakra.form>
  )
}
