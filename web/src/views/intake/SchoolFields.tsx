import { Grid } from '@chakra-ui/react'
import { codes } from '../../api/codes'
import { options } from '../../text/codes'
import { SelectField } from '../../ui/form'
import type { FactsDraft, SchoolQuestion } from '../../parts/facts'

const questions: readonly { question: SchoolQuestion; name: string; codes: readonly string[]; why: string }[] = [
  {
    question: 'progression',
    name: 'Week to week',
    codes: codes.progression,
    why: 'Wave: RPE 7, 8, 9, then a deload. Linear: RPE 8, fewer repetitions. Undulating: heavy, medium, light in the week.',
  },
  {
    question: 'strengthReps',
    name: 'Strength repetitions',
    codes: codes.strengthReps,
    why: 'Moderate is 3 to 6, for most; low is 1 to 3, for competition.',
  },
  {
    question: 'accessories',
    name: 'Accessories',
    codes: codes.accessorySchool,
    why: 'Least fatigue for the tension, the position that fails, or the muscle that limits: carry-over against recovery.',
  },
  {
    question: 'sides',
    name: 'Thrust and sides',
    codes: codes.sideSchool,
    why: 'One side first shows differences and needs little kit; the barbell first overloads sooner.',
  },
  {
    question: 'workSets',
    name: 'Work sets',
    codes: codes.workSets,
    why: 'Straight: one load. Ramp: all on the way to one top set. Ascending: a little more each set.',
  },
  {
    question: 'isolation',
    name: 'Single-joint work',
    codes: codes.isolation,
    why: 'After keeps the main lift fresh; before tires one muscle so that it limits.',
  },
  {
    question: 'setCounting',
    name: 'Counting sets',
    codes: codes.setCounting,
    why: 'Fractional counts helpers in part; direct counts prime movers alone.',
  },
  {
    question: 'quads',
    name: 'Quads',
    codes: codes.quadSchool,
    why: 'Spread does 3 to 5 sets on 3 to 5 days a week, since quads recover fast.',
  },
]

/** How the coach works where coaches differ, each with one line on why they do. */
export function SchoolFields({ draft, set }: { draft: FactsDraft; set: (change: Partial<FactsDraft>) => void }) {
  return (
    <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }} gap={4}>
      {questions.map(({ question, name, codes: all, why }) => (
        <SelectField
          key={question}
          label={name}
          hint={why}
          value={draft.schools[question] || (all[0] ?? '')}
          options={options(all)}
          onValue={(code) => set({ schools: { ...draft.schools, [question]: code } })}
        />
      ))}
    </Grid>
  )
}
