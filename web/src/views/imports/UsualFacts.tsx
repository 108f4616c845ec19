import { Box, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import type { ClientListView, FactsOnFile, Level, ReadClientList, Weekday } from '../../api/schema'
import { options, weekdayNames, weekdays } from '../../text/codes'
import { typedNumber } from '../../text/numbers'
import { NumberField, Section, SelectField, Toggle } from '../../ui/form'

/** What the list does not say of new clients, and whose word counts of those on file. */
export function UsualFacts({ view, asked, onSay }: Props) {
  const days = asked.days ?? []
  const differs = view.shown.some((client) => client.differs.length > 0)
  const asksRoom = view.made > 0 && view.rooms.length > 1
  if (!view.asksLevel && !view.asksDays && !view.asksMinutes && !asksRoom && !differs) return null
  const turn = (day: Weekday) => onSay({ days: days.includes(day) ? days.filter((other) => other !== day) : [...days, day] })
  return (
    <Section title="What the list does not say">
      <Flex gap={4} wrap="wrap" align="flex-start">
        {view.asksLevel && (
          <Box w="220px">
            <SelectField
              label="Level of new clients"
              value={asked.level ?? ''}
              options={[{ value: '', label: 'choose' }, ...options(codes.level)]}
              onValue={(level) => onSay({ level: level === '' ? undefined : (level as Level) })}
            />
          </Box>
        )}
        {view.asksMinutes && <Minutes onMinutes={(minutes) => onSay({ minutes })} />}
        {asksRoom && (
          <Box w={{ base: '100%', sm: '320px' }}>
            <SelectField
              label="Room that new clients train in"
              value={asked.room ?? ''}
              options={[
                { value: '', label: 'none: they train without kit' },
                ...view.rooms.map((room) => ({ value: room.id, label: room.name })),
              ]}
              onValue={(room) => onSay({ room: room === '' ? undefined : room })}
            />
          </Box>
        )}
        {differs && (
          <Box w={{ base: '100%', sm: '320px' }}>
            <SelectField
              label="Facts that are otherwise on file"
              value={asked.facts ?? 'stay'}
              options={[
                { value: 'stay', label: 'stay as they are on file' },
                { value: 'follow', label: 'become as in the list' },
              ]}
              onValue={(facts) => onSay({ facts: facts as FactsOnFile })}
            />
          </Box>
        )}
      </Flex>
      {view.asksDays && (
        <Box role="group" aria-label="Days on which new clients train" mt={4}>
          <Box fontWeight="semibold" mb={2}>
            Days on which new clients train
          </Box>
          <Flex gap={2} wrap="wrap">
            {weekdays.map((day) => (
              <Toggle key={day} on={days.includes(day)} onClick={() => turn(day)}>
                {weekdayNames[day]}
              </Toggle>
            ))}
          </Flex>
        </Box>
      )}
    </Section>
  )
}

/** Said once the number can be one, and not for every digit on the way. */
function Minutes({ onMinutes }: { onMinutes: (minutes: number | null) => void }) {
  const { least, most } = limits.readClientList.minutes
  const [typed, setTyped] = useState('')
  const number = typedNumber(typed)
  const fits = number === null || (number >= least && number <= most)
  return (
    <Box w="160px">
      <NumberField
        label="Minutes a day"
        value={typed}
        error={fits ? undefined : `between ${least} and ${most}`}
        onValue={(value) => {
          setTyped(value)
          const next = typedNumber(value)
          if (next === null || (next >= least && next <= most)) onMinutes(next)
        }}
      />
    </Box>
  )
}

interface Props {
  view: ClientListView
  asked: ReadClientList
  onSay: (part: Partial<ReadClientList>) => void
}
