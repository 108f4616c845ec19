import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useParams } from 'react-router'
import type { AnswerGroup, HealthFlag, HealthView } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useHealth, useSaveHealth } from '../../hooks/useHealth'
import { Section, TextField, Toggle } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { IntakePages } from '../../parts/IntakePages'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { draftOf, type HealthDraft, healthOf, type PainDraft, painOf } from './draft'
import { Pain } from './Pain'
import { capital } from '../../text/sentence'

/** Health answers and pain: what stops, what waits, who cleared it. */
export function Health() {
  const { id = '' } = useParams()
  const health = useHealth(id)
  if (health.state === 'failed') return <Failed message={health.message} retry={health.retry} />
  if (health.state === 'loading') return <Loading label="Fetching the answers" rows={8} />
  return <HealthPage key={id} view={health.data} />
}

const groups: readonly { group: AnswerGroup; title: string; more: string }[] = [
  { group: 'emergency', title: 'Any of these now?', more: 'Any one means emergency care today, and no training.' },
  { group: 'doctor', title: 'Any of these today?', more: 'Any one means a doctor before training.' },
  {
    group: 'doctor-with-pain',
    title: 'Any of these, ever or lately?',
    more: 'With pain now: a doctor before training. Without: before heavy work.',
  },
  {
    group: 'before-heavy',
    title: 'Any of these?',
    more: 'Clearance before heavy work; until then nothing above RPE 7 or 75 % of the max, no set under 6 repetitions, no breath-hold.',
  },
]

const levels = { stop: 'Stop', 'before-loading': 'Before loading', 'before-heavy': 'Before heavy work', soon: 'Soon' } as const

function HealthPage({ view }: { view: HealthView }) {
  const draft = useDraft<HealthDraft>(`${view.clientId}.health`, draftOf(view), view.version)
  const save = useSaveHealth(view.clientId)
  const { value, set } = draft
  const toggle = (flag: HealthFlag) =>
    set({
      flags: value.flags.includes(flag) ? value.flags.filter((other) => other !== flag) : [...value.flags, flag],
      cleared: value.cleared.filter((other) => other !== flag || !value.flags.includes(flag)),
    })
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>Health and pain of {view.client}</chakra.h1>
      <IntakePages clientId={view.clientId} />
      <Box px={{ base: 4, md: 6 }} pt={5}>
        {view.referral && <Caution word={levels[view.referral.level]}>{view.referral.text}</Caution>}
        <Box mt={view.referral ? 4 : 0} color="quiet" maxW="reading">
          {view.caution}
        </Box>
      </Box>
      <Section title="Health answers">
        <Grid gap={5}>
          {groups.map(({ group, title, more }) => (
            <Box key={group} role="group" aria-label={title}>
              <Box fontWeight="semibold">{title}</Box>
              <Box textStyle="note" color="quiet" mb={2}>
                {more}
              </Box>
              <Flex wrap="wrap" gap={2}>
                {view.questions
                  .filter((question) => question.group === group)
                  .map((question) => (
                    <Toggle
                      key={question.flag}
                      on={value.flags.includes(question.flag)}
                      minH="target"
                      h="auto"
                      py={1.5}
                      whiteSpace="normal"
                      textAlign="left"
                      onClick={() => toggle(question.flag)}
                    >
                      {capital(question.text)}
                    </Toggle>
                  ))}
              </Flex>
            </Box>
          ))}
        </Grid>
      </Section>
      {value.flags.length > 0 && <Clearance draft={value} set={set} view={view} error={fieldErrors(save.error, 'health.clearedBy')} />}
      <Section title="Pain">
        <Pain pain={value.pain} onPain={(pain: PainDraft[]) => set({ pain })} error={fieldErrors(save.error, '')} />
      </Section>
      <Box px={{ base: 4, md: 6 }} pb={6}>
        <SaveBar
          draft={draft}
          save={save}
          onSave={() =>
            save.mutate(
              { health: healthOf(value), pain: painOf(value), version: draft.version ?? 0 },
              { onSuccess: () => draft.settle(value) },
            )
          }
          onReset={() => {
            draft.reset()
            save.reset()
          }}
        />
      </Box>
    </Box>
  )
}

interface ClearanceProps {
  draft: HealthDraft
  set: (change: Partial<HealthDraft>) => void
  view: HealthView
  error: (path: string) => string | undefined
}

/** Who cleared which answers; only those are cleared, and only with name, profession and date. */
function Clearance({ draft, set, view, error }: ClearanceProps) {
  const text = (flag: HealthFlag) => view.questions.find((question) => question.flag === flag)?.text ?? flag
  return (
    <Section title="Cleared by">
      <Box color="quiet" mb={3} maxW="reading">
        A doctor or physiotherapist clears an answer, not the coach. Only the answers pressed below are cleared, and only with name,
        profession and a date that is not before the answer.
      </Box>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 180px' }} gap={4} mb={4}>
        <TextField label="Name" value={draft.clearedName} error={error('name')} onChange={(e) => set({ clearedName: e.target.value })} />
        <TextField
          label="Profession"
          value={draft.clearedProfession}
          error={error('profession')}
          onChange={(e) => set({ clearedProfession: e.target.value })}
        />
        <TextField
          label="Date"
          type="date"
          value={draft.clearedOn}
          error={error('date')}
          onChange={(e) => set({ clearedOn: e.target.value })}
        />
      </Grid>
      <Flex wrap="wrap" gap={2} role="group" aria-label="Answers that are cleared">
        {draft.flags.map((flag) => (
          <Toggle
            key={flag}
            on={draft.cleared.includes(flag)}
            minH="target"
            h="auto"
            py={1.5}
            whiteSpace="normal"
            onClick={() =>
              set({ cleared: draft.cleared.includes(flag) ? draft.cleared.filter((other) => other !== flag) : [...draft.cleared, flag] })
            }
          >
            Cleared: {text(flag)}
          </Toggle>
        ))}
      </Flex>
    </Section>
  )
}
