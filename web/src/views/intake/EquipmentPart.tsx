import { Box, Grid } from '@chakra-ui/react'
import type { ChooseDayRoom, IntakeView, Weekday } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useSaveEquipment } from '../../hooks/useIntake'
import { useRoom } from '../../hooks/useSharing'
import { KitFields } from '../../parts/kit/KitFields'
import { equipmentDraftOf, equipmentOf } from '../../parts/kit/equipment'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { Section, SelectField } from '../../ui/form'
import { weekdayNames, weekdays } from '../../text/codes'
import { TextLink } from '../../ui/TextLink'

const own = ''

/** What the client trains with: a room of the practice, or kit of their own. */
export function EquipmentPart({ view }: { view: IntakeView }) {
  const change = useRoom(view.id)
  return (
    <Section title="Equipment">
      {view.rooms.length > 0 && (
        <Box mb={5}>
          <Box maxW="340px">
            <SelectField
              label="Where they train"
              value={view.room?.id ?? own}
              options={[...roomsOf(view), { value: own, label: 'With kit of their own' }]}
              onValue={(room) => change.mutate({ room: room === own ? null : room })}
            />
          </Box>
          <DaysElsewhere view={view} onChange={(elsewhere) => change.mutate({ room: view.room?.id ?? null, elsewhere })} />
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

const roomsOf = (view: IntakeView) => view.rooms.map((room) => ({ value: room.id, label: room.name }))

/** Days of the week that are trained in another room. */
function DaysElsewhere({ view, onChange }: { view: IntakeView; onChange: (elsewhere: ChooseDayRoom[]) => void }) {
  const chosen = view.elsewhere.map((one) => ({ day: one.day, room: one.room.id }))
  const days = weekdays.filter((day) => view.facts.days.some((one) => one.day === day))
  const usual = view.room ? `As usual: ${view.room.name}` : 'As usual: kit of their own'
  const set = (day: Weekday, room: string) =>
    onChange([...chosen.filter((one) => one.day !== day), ...(room === own ? [] : [{ day, room }])])
  return (
    <Box role="group" aria-label="Days in another room" mt={4}>
      <Box textStyle="note" color="quiet" mb={2}>
        Days in another room: that day’s exercises and loads come from what is there.
      </Box>
      <Grid templateColumns={{ base: '1fr', sm: 'repeat(auto-fill, minmax(220px, 1fr))' }} gap={3}>
        {days.map((day) => (
          <SelectField
            key={day}
            label={weekdayNames[day] ?? day}
            value={chosen.find((one) => one.day === day)?.room ?? own}
            options={[{ value: own, label: usual }, ...roomsOf(view).filter((room) => room.value !== view.room?.id)]}
            onValue={(room) => set(day, room)}
          />
        ))}
      </Grid>
    </Box>
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
