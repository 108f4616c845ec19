import { Box, chakra } from '@chakra-ui/react'
import { useParams } from 'react-router'
import type { ExerciseLine, IntakeView } from '../../api/schema'
import { useCatalogue } from '../../hooks/useClients'
import { useDraft } from '../../hooks/useDraft'
import { useIntake, useSaveFacts } from '../../hooks/useIntake'
import { Section } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { BodyFields } from './BodyFields'
import { EquipmentPart } from './EquipmentPart'
import { DayFields, GoalFields, PersonFields } from '../../parts/FactsFields'
import { draftOf, factsOf, schoolsOf } from '../../parts/facts'
import { IntakePages } from '../../parts/IntakePages'
import { MaxesPart } from './MaxesPart'
import { PutAwayPart } from './PutAwayPart'
import { SchoolFields } from './SchoolFields'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { TrainingFields } from './TrainingFields'

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
  const draft = useDraft(`${view.id}.facts`, saved, view.factsVersion)
  const save = useSaveFacts(view.id)
  const error = fieldErrors(save.error, 'facts')
  const onSave = () =>
    save.mutate(
      { facts: factsOf(draft.value, view.facts), schools: schoolsOf(draft.value), version: draft.version ?? 0 },
      { onSuccess: () => draft.settle(draft.value) },
    )
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>Intake of {view.facts.name}</chakra.h1>
      <IntakePages clientId={view.id} />
      {view.stop && (
        <Box p={4}>
          <Caution word="Stop">{view.stop}</Caution>
        </Box>
      )}
      <Section title="Person">
        <PersonFields
          draft={draft.value}
          set={draft.set}
          error={error}
          doubt={(field) => view.doubts.find((one) => one.field === field)?.text}
        />
      </Section>
      <Section title="Goal and days">
        <GoalFields draft={draft.value} set={draft.set} error={error} catalogue={catalogue} />
        <Box mt={5}>
          <DayFields draft={draft.value} set={draft.set} error={error} />
        </Box>
      </Section>
      <Section title="Body lengths">
        <BodyFields draft={draft.value} set={draft.set} error={error} estimates={view.estimates} />
      </Section>
      <Section title="Training and wishes">
        <TrainingFields draft={draft.value} set={draft.set} error={error} catalogue={catalogue} />
      </Section>
      <Section title="Schools">
        <SchoolFields draft={draft.value} set={draft.set} />
        <SaveBar
          draft={draft}
          save={save}
          onSave={onSave}
          onReset={() => {
            draft.reset()
            save.reset()
          }}
        />
      </Section>
      <EquipmentPart view={view} />
      <MaxesPart view={view} catalogue={catalogue} />
      <PutAwayPart clientId={view.id} name={view.facts.name} />
    </Box>
  )
}
