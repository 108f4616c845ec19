import { Box, chakra } from '@chakra-ui/react'
import { useParams } from 'react-router'
import type { ExerciseLine, IntakeView } from '../../api/schema'
import { useCatalogue } from '../../hooks/useClients'
import { useDraft } from '../../hooks/useDraft'
import { useIntake, useSaveFacts } from '../../hooks/useIntake'
import { Section } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { EquipmentPart } from './EquipmentPart'
import { DayFields, GoalFields, PersonFields } from './FactsFields'
import { draftOf, factsOf, schoolsOf } from './facts'
import { MaxesPart } from './MaxesPart'
import { fieldErrors, SaveBar } from './SaveBar'

/** Intake: who the client is, what they have, how strong they are. */
export function Intake() {
  const { id = '' } = useParams()
  const intake = useIntake(id)
  const catalogue = useCatalogue()
  if (intake.state === 'failed') return <Failed message={intake.message} retry={intake.retry} />
  if (catalogue.state === 'failed') return <Failed message={catalogue.message} retry={catalogue.retry} />
  if (intake.state === 'loading' || catalogue.state === 'loading') return <Loading label="Fetching the file" rows={8} />
  return <IntakePage key={id} view={intake.data} catalogue={catalogue.data} />
}

function IntakePage({ view, catalogue }: { view: IntakeView; catalogue: readonly ExerciseLine[] }) {
  const pattern = (wanted: string) => (id: string) => catalogue.some((exercise) => exercise.id === id && exercise.pattern === wanted)
  const saved = draftOf(view, pattern('squat'), pattern('hinge'))
  const draft = useDraft(`${view.id}.facts`, saved)
  const save = useSaveFacts(view.id)
  const error = fieldErrors(save.error, 'facts')
  const onSave = () =>
    save.mutate(
      { facts: factsOf(draft.value, view.facts), schools: schoolsOf(draft.value, view.schools), version: view.factsVersion },
      { onSuccess: draft.reset },
    )
  return (
    <Box maxW="1060px">
      <chakra.h1 srOnly>Intake of {view.facts.name}</chakra.h1>
      {view.stop && (
        <Box p={4}>
          <Caution word="Stop">{view.stop}</Caution>
        </Box>
      )}
      <Section title="Person">
        <PersonFields draft={draft.value} set={draft.set} error={error} />
      </Section>
      <Section title="Goal and days">
        <GoalFields draft={draft.value} set={draft.set} error={error} catalogue={catalogue} />
        <Box mt={5}>
          <DayFields draft={draft.value} set={draft.set} error={error} />
        </Box>
        <SaveBar
          dirty={draft.dirty}
          saving={save.isPending}
          saved={save.isSuccess}
          problem={save.error}
          onSave={onSave}
          onReset={() => {
            draft.reset()
            save.reset()
          }}
        />
      </Section>
      <EquipmentPart view={view} />
      <MaxesPart view={view} catalogue={catalogue} />
    </Box>
  )
}
