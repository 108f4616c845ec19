import { Box } from '@chakra-ui/react'
import type { IntakeView } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useSaveEquipment } from '../../hooks/useIntake'
import { useRoom } from '../../hooks/useSharing'
import { KitFields } from '../../parts/kit/KitFields'
import { equipmentDraftOf, equipmentOf } from '../../parts/kit/equipment'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { Section, SelectField } from '../../ui/form'
import { TextLink } from '../../ui/TextLink'

const own = ''

/** What the client trains with: a room of the practice, or kit of their own. */
export function EquipmentPart({ view }: { view: IntakeView }) {
  const change = useRoom(view.id)
  return (
    <Section title="Equipment">
      {view.rooms.length > 0 && (
        <Box maxW="340px" mb={5}>
          <SelectField
            label="Where they train"
            value={view.room?.id ?? own}
            options={[...view.rooms.map((room) => ({ value: room.id, label: room.name })), { value: own, label: 'With kit of their own' }]}
            onValue={(room) => change.mutate(room === own ? null : room)}
          />
          <ProblemLine problem={change.error} of={view.room} />
        </Box>
      )}
      {view.room ? (
        <Box>
          The kit of {view.room.name} counts. It is changed under <TextLink to="/practice">Practice</TextLink>, for everybody who trains
          there.
        </Box>
      ) : (
        <OwnKit view={view} />
      )}
    </Section>
  )
}

function OwnKit({ view }: { view: IntakeView }) {
  const draft = useDraft(`${view.id}.equipment`, equipmentDraftOf(view.equipment), view.equipmentVersion)
  const save = useSaveEquipment(view.id)
  return (
    <>
      <KitFields
        draft={draft.value}
        set={draft.set}
        error={fieldErrors(save.error, 'equipment')}
        groups={view.kitGroups}
        kinds={view.barKinds}
        notes={view.kitNotes}
      />
      <SaveBar
        draft={draft}
        save={save}
        onSave={() =>
          save.mutate(
            { equipment: equipmentOf(draft.value, view.equipment), version: draft.version ?? 0 },
            { onSuccess: () => draft.settle(draft.value) },
          )
        }
        onReset={() => {
          draft.reset()
          save.reset()
        }}
      />
    </>
  )
}
