import { Box, Grid } from '@chakra-ui/react'
import type { ExerciseLine } from '../api/schema'
import { codes } from '../api/codes'
import { options, weekdayNames, weekdays } from '../text/codes'
import { Field, NumberField, SelectField, TextField, Toggle } from '../ui/form'
import { MeasureField } from '../ui/MeasureField'
import type { FactsDraft } from './facts'
import { lengthUnit, massUnit } from '../text/numbers'

interface Props {
  draft: FactsDraft
  set: (change: Partial<FactsDraft>) => void
  /** The server's word on a field, by its path in the case. */
  error: (path: string) => string | undefined
  /** A question about a field, by its path; it is kept either way. */
  doubt?: (path: string) => string | undefined
}

const threeColumns = { base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }

export function PersonFields({ draft, set, error, doubt }: Props) {
  return (
    <Grid templateColumns={threeColumns} gap={4}>
      <Box gridColumn={{ sm: 'span 2' }}>
        <TextField
          label="Name"
          value={draft.name}
          error={error('name')}
          doubt={doubt?.('name')}
          onChange={(e) => set({ name: e.target.value })}
          required
        />
      </Box>
      <NumberField label="Born, year" value={draft.birthYear} error={error('birthYear')} onValue={(birthYear) => set({ birthYear })} />
      <SelectField label="Sex" value={draft.sex} options={options(codes.sex)} onValue={(sex) => set({ sex: sex as FactsDraft['sex'] })} />
      <MeasureField
        measure="length"
        label={`Height, ${lengthUnit()}`}
        value={draft.heightCm}
        error={error('heightCm')}
        onValue={(heightCm) => set({ heightCm })}
      />
      <MeasureField
        measure="mass"
        label={`Body mass, ${massUnit()}`}
        value={draft.massKg}
        error={error('massKg')}
        onValue={(massKg) => set({ massKg })}
      />
      <NumberField
        label="Years of training"
        value={draft.trainingYears}
        error={error('trainingYears')}
        doubt={doubt?.('trainingYears')}
        onValue={(trainingYears) => set({ trainingYears })}
      />
      <SelectField
        label="Level"
        value={draft.level}
        hint="Under 1 year, 1 to 3, above 3"
        options={options(codes.level)}
        onValue={(level) => set({ level: level as FactsDraft['level'] })}
      />
      <SelectField
        label="Diet"
        value={draft.diet}
        options={options(codes.diet)}
        onValue={(diet) => set({ diet: diet as FactsDraft['diet'] })}
      />
    </Grid>
  )
}

export function GoalFields({ draft, set, error, catalogue }: Props & { catalogue: readonly ExerciseLine[] }) {
  const lifts = (pattern: string) => [
    { value: '', label: 'No target' },
    ...catalogue.filter((exercise) => exercise.pattern === pattern).map((exercise) => ({ value: exercise.id, label: exercise.name })),
  ]
  return (
    <Grid templateColumns={threeColumns} gap={4}>
      <SelectField
        label="Goal"
        value={draft.goal}
        options={options(codes.goal)}
        onValue={(goal) => set({ goal: goal as FactsDraft['goal'] })}
      />
      <SelectField label="Squat that counts" value={draft.squat} options={lifts('squat')} onValue={(squat) => set({ squat })} />
      <SelectField label="Hinge that counts" value={draft.hinge} options={lifts('hinge')} onValue={(hinge) => set({ hinge })} />
      <TextField
        label="Competition"
        type="date"
        value={draft.competition}
        error={error('competition.date')}
        onChange={(e) => set({ competition: e.target.value })}
      />
    </Grid>
  )
}

const usualMinutes = '60'

/** A day in or out; to empty its minutes takes no day away. */
function turned(minutes: FactsDraft['minutes'], day: string): FactsDraft['minutes'] {
  const others = Object.fromEntries(Object.entries(minutes).filter(([other]) => other !== day))
  return minutes[day] === undefined ? { ...others, [day]: usualMinutes } : others
}

export function DayFields({ draft, set, error }: Props) {
  const shown = weekdays.filter((day) => draft.minutes[day] !== undefined)
  return (
    <Field label="Days and minutes" hint="Press a day to train on it; then set how long there is." error={error('days')} of={draft.minutes}>
      {({ id, describedBy }) => (
        <Grid
          id={id}
          aria-describedby={describedBy}
          templateColumns="repeat(auto-fill, minmax(118px, 1fr))"
          gap={3}
          role="group"
          aria-label="Days and minutes"
        >
          {weekdays.map((day) => {
            const minutes = draft.minutes[day]
            const on = minutes !== undefined
            return (
              <Box key={day}>
                <Toggle on={on} w="100%" mb={2} onClick={() => set({ minutes: turned(draft.minutes, day) })}>
                  {weekdayNames[day]}
                </Toggle>
                {on && (
                  <NumberField
                    label="Minutes"
                    value={minutes}
                    error={error(`days[${shown.indexOf(day)}].minutes`)}
                    onValue={(value) => set({ minutes: { ...draft.minutes, [day]: value } })}
                  />
                )}
              </Box>
            )
          })}
        </Grid>
      )}
    </Field>
  )
}
