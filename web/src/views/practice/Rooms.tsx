import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { PracticeView, RoomLine } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useRemoveRoom, useSaveRoom } from '../../hooks/usePractice'
import { equipmentDraftOf, equipmentOf, usualSets } from '../../parts/kit/equipment'
import { KitFields } from '../../parts/kit/KitFields'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { plain, toldMeasure } from '../../text/numbers'
import { Plain, Section, TextField } from '../../ui/form'

const fresh = 'new'

/** The rooms of the practice, each with its kit: what clients who train there can load. */
export function Rooms({ practice, isOwner }: { practice: PracticeView; isOwner: boolean }) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <Section title="Rooms and kit" aside={isOwner && open !== fresh && <Plain onClick={() => setOpen(fresh)}>Add a room</Plain>}>
      {practice.rooms.length === 0 && open !== fresh && (
        <Box maxW="60ch">
          No rooms yet. A room holds the kit once, for everybody who trains there: the gym, another one, at home, travel. Plans stand on it.
        </Box>
      )}
      <Box as="ul" listStyleType="none">
        {practice.rooms.map((room) => (
          <Box as="li" key={room.id} borderBottom="1px solid" borderColor="hair">
            <Flex align="center" gap={3} wrap="wrap" minH="hand">
              <Box flex="1" minW="200px">
                <Box fontWeight="semibold">{room.name}</Box>
                <Box textStyle="note" color="quiet">
                  {kitInShort(room)}
                </Box>
              </Box>
              {isOwner && (
                <Plain
                  size="sm"
                  aria-expanded={open === room.id}
                  aria-label={`Change ${room.name}`}
                  onClick={() => setOpen(open === room.id ? null : room.id)}
                >
                  {open === room.id ? 'Close' : 'Change'}
                </Plain>
              )}
            </Flex>
            {open === room.id && <RoomForm room={room} practice={practice} onDone={() => setOpen(null)} />}
          </Box>
        ))}
      </Box>
      {open === fresh && <RoomForm room={null} practice={practice} onDone={() => setOpen(null)} />}
    </Section>
  )
}

const counted = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`

function kitInShort({ kit, clients }: RoomLine): string {
  const plates = kit.plates ?? []
  const heaviest = Math.max(0, ...plates.map((plate) => plate.kg))
  return [
    clients === 0 ? 'nobody trains here yet' : counted(clients, 'client'),
    counted(kit.bars?.length ?? 0, 'bar'),
    plates.length > 0
      ? `${plain(2 * plates.reduce((sum, plate) => sum + plate.pairs, 0))} plates up to ${toldMeasure('mass', String(heaviest))}`
      : 'no plates',
    counted(kit.items?.length ?? 0, 'other piece'),
  ].join(', ')
}

function RoomForm({ room, practice, onDone }: { room: RoomLine | null; practice: PracticeView; onDone: () => void }) {
  const save = useSaveRoom()
  const remove = useRemoveRoom()
  const usual = usualSets()[0].draft
  const saved = room ? { name: room.name, kit: equipmentDraftOf(room.kit) } : { name: '', kit: usual }
  const draft = useDraft(`room.${room?.id ?? fresh}`, saved, room?.version ?? null)
  const error = fieldErrors(save.error, '')
  const { value } = draft
  return (
    <Box py={4} role="group" aria-label={room ? `Kit of ${room.name}` : 'A new room'}>
      <Box maxW="340px" mb={5}>
        <TextField
          label="Name of the room"
          value={value.name}
          error={error('name')}
          onChange={(e) => draft.set({ name: e.target.value })}
        />
      </Box>
      <KitFields
        draft={value.kit}
        set={(change) => draft.set({ kit: { ...value.kit, ...change } })}
        error={fieldErrors(save.error, 'kit')}
        groups={practice.kitGroups}
        kinds={practice.barKinds}
        notes={
          room && room.clients > 0 ? ['Plans of those who train here are marked once this is saved; you decide when to plan again.'] : []
        }
      />
      <SaveBar
        draft={{ ...draft, dirty: draft.dirty || !room }}
        save={save}
        onSave={() =>
          save.mutate(
            { room: room?.id ?? null, body: { name: value.name, kit: equipmentOf(value.kit, room?.kit ?? {}), version: draft.version } },
            {
              onSuccess: () => {
                draft.settle(value)
                onDone()
              },
            },
          )
        }
        onReset={() => {
          draft.reset()
          save.reset()
          if (!room) onDone()
        }}
      />
      {room && (
        <Flex gap={3} mt={4} align="center" wrap="wrap">
          <Plain size="sm" onClick={() => remove.mutate(room.id, { onSuccess: onDone })} loading={remove.isPending}>
            Take the room away
          </Plain>
          <chakra.span textStyle="note" color="quiet">
            Who trains there keeps its kit as their own.
          </chakra.span>
          <ProblemLine problem={remove.error} of={room} />
        </Flex>
      )}
    </Box>
  )
}
