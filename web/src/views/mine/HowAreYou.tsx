import { Box, chakra, Checkbox, Stack } from '@chakra-ui/react'
import type { AheadView, HealthFlag } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useAnswer } from '../../hooks/useSharing'
import { ProblemLine } from '../../parts/ProblemLine'
import { words } from '../../text/codes'
import { capital } from '../../text/sentence'
import { today } from '../../text/dates'
import { Primary, Section, SelectField } from '../../ui/form'

const unsaid = ''
const scores = [
  { value: unsaid, label: 'not said' },
  ...Array.from({ length: 11 }, (_, score) => ({
    value: String(score),
    label: score === 0 ? '0, none' : score === 10 ? '10, the worst there is' : String(score),
  })),
]

/** The morning after, and the health questions. A yes counts at once; the coach alone takes one back. */
export function HowAreYou({ id, mine }: { id: string; mine: AheadView }) {
  const answer = useAnswer(id)
  const draft = useDraft(`${id}.how`, { yes: [] as HealthFlag[], morning: {} as Record<string, string> })
  const { yes, morning } = draft.value
  const said = Object.entries(morning).filter(([, score]) => score !== unsaid)
  return (
    <chakra.form
      onSubmit={(event) => {
        event.preventDefault()
        answer.mutate(
          {
            yes,
            morning: said.map(([region, score]) => ({ region: region as AheadView['pain'][number]['region'], score: Number(score) })),
            date: today(),
          },
          { onSuccess: draft.reset },
        )
      }}
    >
      {mine.pain.length > 0 && (
        <Section title="This morning">
          <Box mb={3}>How much does it hurt this morning, 0 to 10?</Box>
          <Stack gap={3} maxW="340px">
            {mine.pain.map((pain) => (
              <SelectField
                key={pain.region}
                label={words(pain.region)}
                hint={pain.nextMorning === null ? undefined : `Said last: ${pain.nextMorning}`}
                value={morning[pain.region] ?? unsaid}
                options={scores}
                onValue={(score) => draft.set({ morning: { ...morning, [pain.region]: score } })}
              />
            ))}
          </Stack>
        </Section>
      )}
      <Section title="Since we last spoke">
        <Box mb={3} maxW="60ch">
          Tick what is so. It counts at once: some answers stop training until somebody licensed has looked. Your coach takes an answer
          back.
        </Box>
        <Stack gap={2}>
          {mine.questions.map((question) => (
            <Checkbox.Root
              key={question.flag}
              alignItems="flex-start"
              minH="target"
              checked={question.answered || yes.includes(question.flag)}
              disabled={question.answered}
              onCheckedChange={(change) =>
                draft.set({ yes: change.checked === true ? [...yes, question.flag] : yes.filter((flag) => flag !== question.flag) })
              }
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control borderColor="edge" mt={0.5} />
              <Checkbox.Label fontWeight="normal" whiteSpace="normal">
                {capital(question.text)}.{question.answered ? ' Answered with yes.' : ''}
              </Checkbox.Label>
            </Checkbox.Root>
          ))}
        </Stack>
        <ProblemLine problem={answer.error} of={draft.value} />
        <Primary mt={4} type="submit" disabled={yes.length === 0 && said.length === 0} loading={answer.isPending} loadingText="Saving">
          Save
        </Primary>
        <Box role="status" mt={2}>
          {answer.isSuccess && !draft.dirty ? 'Saved. Your coach sees it.' : ''}
        </Box>
      </Section>
    </chakra.form>
  )
}
