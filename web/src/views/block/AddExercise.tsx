import { Box, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { BlockPart, EditSection, ExerciseLine, Role } from '../../api/schema'
import { codes } from '../../api/codes'
import { options, weekdayNames, weekdays } from '../../text/codes'
import { Plain, Primary, SelectField, TextField, Toggle } from '../../ui/form'
import { cellAt, type Day, type Place } from '../../parts/grid'

interface Props {
  block: BlockPart
  place: Place | null
  catalogue: readonly ExerciseLine[]
  onAdd: (edits: EditSection[]) => void
  onLeave: () => void
}

// Daily work for range has no place in a session.
const roles = codes.role.filter((one) => one !== 'capacity')

/** Puts an exercise on a day, or in the place of the one in focus, in this week or in all. */
export function AddExercise({ block, place, catalogue, onAdd, onLeave }: Props) {
  const [text, setText] = useState('')
  const find = useRef<HTMLInputElement>(null)
  useEffect(() => find.current?.focus(), [])
  const [exercise, setExercise] = useState('')
  const [day, setDay] = useState<Day>(place?.day ?? 'mon')
  const [role, setRole] = useState<NonNullable<Role>>('accessory')
  const [all, setAll] = useState(true)
  const found = catalogue.filter((line) => line.name.toLowerCase().includes(text.trim().toLowerCase())).slice(0, 200)
  const chosen = found.some((line) => line.id === exercise) ? exercise : (found[0]?.id ?? '')
  const weeks = block.weeks.filter((week) => all || week.number === (place?.week ?? 1)).map((week) => week.number)
  const focused = place ? cellAt(block, place) : null
  return (
    <Box as="section" aria-label="Add an exercise" px={2.5} py={3} borderBottom="1px solid" borderColor="hair" bg="plate">
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 130px 150px' }} gap={3} alignItems="end">
        <TextField ref={find} label="Find" value={text} maxLength={60} onChange={(event) => setText(event.target.value)} />
        <SelectField
          label="Exercise"
          value={chosen}
          options={
            found.length > 0 ? found.map((line) => ({ value: line.id, label: line.name })) : [{ value: '', label: 'None has that word' }]
          }
          onValue={setExercise}
        />
        <SelectField
          label="Day"
          value={day}
          options={weekdays.map((one) => ({ value: one, label: weekdayNames[one] ?? one }))}
          onValue={(value) => setDay(value as Day)}
        />
        <SelectField label="As" value={role} options={options(roles)} onValue={(value) => setRole(value as NonNullable<Role>)} />
      </Grid>
      <Flex gap={2} mt={3} wrap="wrap" align="center">
        <Toggle on={all} onClick={() => setAll(true)}>
          Every week
        </Toggle>
        <Toggle on={!all} onClick={() => setAll(false)}>
          Week {place?.week ?? 1} alone
        </Toggle>
        <Primary disabled={chosen === ''} onClick={() => onAdd(weeks.map((week) => ({ kind: 'add', week, day, exercise: chosen, role })))}>
          Add
        </Primary>
        {focused && place && (
          <Plain
            disabled={chosen === ''}
            onClick={() =>
              onAdd(
                weeks
                  .filter((week) => cellAt(block, { ...place, week }))
                  .map((week) => ({ kind: 'replace', week, day: place.day, exercise: place.exercise, with: chosen })),
              )
            }
          >
            In place of the one in focus
          </Plain>
        )}
        <Plain onClick={onLeave}>Leave it</Plain>
      </Flex>
    </Box>
  )
}
