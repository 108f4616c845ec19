import { Grid } from '@chakra-ui/react'
import { options } from '../../text/codes'
import { SelectField } from '../../ui/form'
import type { FactsDraft, SchoolQuestion } from './facts'

const questions: readonly { question: SchoolQuestion; name: string; codes: readonly string[]; first: string; why: string }[] = [
  {
    question: 'progression',
    name: 'Week to week',
    codes: ['wave', 'linear', 'undulating'],
    first: 'wave',
    why: 'Wave: RPE 7, 8, 9, then a deload. Linear: RPE 8, fewer repetitions. Undulating: heavy, medium, light in the week.',
  },
  {
    question: 'strengthReps',
    name: 'Strength repetitions',
    codes: ['moderate', 'low'],
    first: 'moderate',
    why: 'Moderate is 3 to 6, for most; low is 1 to 3, for competition.',
  },
  {
    question: 'accessories',
    name: 'Accessories',
    codes: ['stimulus', 'positions', 'muscles'],
    first: 'stimulus',
    why: 'Least fatigue for the tension, the position that fails, or the muscle that limits: carry-over against recovery.',
  },
  {
    question: 'sides',
    name: 'Thrust and sides',
    codes: ['unilateral-first', 'barbell-first'],
    first: 'unilateral-first',
    why: 'One side first shows differences and needs little kit; the barbell first overloads sooner.',
  },
  {
    question: 'workSets',
    name: 'Work sets',
    codes: ['straight', 'ramp', 'ascending'],
    first: 'straight',
    why: 'Straight: one load. Ramp: all on the way to one top set. Ascending: a little more each set.',
  },
  {
    question: 'isolation',
    name: 'Single-joint work',
    codes: ['after', 'pre-exhaust'],
    first: 'after',
    why: 'After keeps the main lift fresh; before tires one muscle so that it limits.',
  },
  {
    question: 'setCounting',
    name: 'Counting sets',
    codes: ['fractional', 'direct'],
    first: 'fractional',
    why: 'Fractional counts helpers in part; direct counts prime movers alone.',
  },
  {
    question: 'quads',
    name: 'Quads',
    codes: ['standard', 'spread'],
    first: 'standard',
    why: 'Spread does 3 to 5 sets on 3 to 5 days a week, since quads recover fast.',
  },
]

/** How the coach works where coaches differ, each with one line on why they do. */
export function SchoolFields({ draft, set }: { draft: FactsDraft; set: (change: Partial<FactsDraft>) => void }) {
  return (
    <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }} gap={4}>
      {questions.map(({ question, name, codes, first, why }) => (
        <SelectField
          key={question}
          label={name}
          hint={why}
          value={draft.schools[question] || first}
          options={options(codes)}
          onValue={(code) => set({ schools: { ...draft.schools, [question]: code } })}
        />
      ))}
    </Grid>
  )
}
