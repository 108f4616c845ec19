import { Box, Flex, Grid } from '@chakra-ui/react'
import type { CalendarView, Weekday } from '../api/schema'
import { useCalendar, useEndFeed, useMakeFeed, useSaveCalendar } from '../hooks/useCalendar'
import { useDraft } from '../hooks/useDraft'
import { weekdayNames } from '../text/codes'
import { dayName } from '../text/dates'
import { Plain, Section, SelectField, TextField } from '../ui/form'
import { Failed, Loading } from '../ui/states'
import { FileLink } from '../ui/TextLink'
import { NewLink } from './NewLink'
import { ProblemLine } from './ProblemLine'
import { fieldErrors, SaveBar } from './SaveBar'

/** Sessions in a calendar: when they begin, once as a file, or at an address that a calendar fetches them from. */
export function CalendarPart({ id }: { id: string }) {
  const calendar = useCalendar(id)
  return (
    <Section title="Calendar">
      {calendar.state === 'loading' && <Loading label="Fetching when they train" />}
      {calendar.state === 'failed' && <Failed message={calendar.message} retry={calendar.retry} />}
      {calendar.state === 'ready' && (
        <>
          <Times id={id} calendar={calendar.data} />
          <Feed id={id} madeAt={calendar.data.feedMadeAt ?? null} />
        </>
      )}
    </Section>
  )
}

function Times({ id, calendar }: { id: string; calendar: CalendarView }) {
  const save = useSaveCalendar(id)
  const saved: { zone: string; times: Partial<Record<Weekday, string>> } = {
    zone: calendar.zone ?? '',
    times: Object.fromEntries(calendar.times.map((time) => [time.day, time.at])),
  }
  const draft = useDraft(`${id}.calendar`, saved)
  const { zone, times } = draft.value
  const sent = calendar.days.filter((day) => times[day]).map((day) => ({ day, at: times[day] as string }))
  // Who sets a time first gets the zone of this device; it stands to be seen and changed.
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone
  const set = (day: Weekday, at: string) =>
    draft.set({
      times: { ...times, [day]: at },
      ...(zone === '' && at !== '' && calendar.zones.includes(here) ? { zone: here } : {}),
    })
  const error = fieldErrors(save.error, '')
  return (
    <>
      <Box mb={3} maxW="60ch">
        Set a time, and the sessions of that day stand in the calendar from then on for as long as they are planned. Without one they stand
        on their day.
      </Box>
      <Grid templateColumns="repeat(auto-fill, minmax(140px, 1fr))" gap={4} maxW="column">
        {calendar.days.map((day) => (
          <TextField
            key={day}
            label={`${weekdayNames[day] ?? day} at`}
            type="time"
            value={times[day] ?? ''}
            error={error(`times[${sent.findIndex((time) => time.day === day)}].at`)}
            onChange={(event) => set(day, event.target.value)}
          />
        ))}
        <SelectField
          label="Time zone"
          value={zone}
          error={error('zone')}
          options={[{ value: '', label: 'none: days alone' }, ...calendar.zones.map((name) => ({ value: name, label: zoneName(name) }))]}
          onValue={(name) => draft.set(name === '' ? { zone: name, times: {} } : { zone: name })}
        />
      </Grid>
      <SaveBar
        draft={draft}
        save={save}
        onSave={() => save.mutate({ zone: zone === '' ? null : zone, times: sent }, { onSuccess: () => draft.settle(draft.value) })}
        onReset={() => {
          draft.reset()
          save.reset()
        }}
      />
    </>
  )
}

const zoneName = (name: string) => name.replaceAll('_', ' ')

function Feed({ id, madeAt }: { id: string; madeAt: string | null }) {
  const make = useMakeFeed(id)
  const end = useEndFeed(id)
  return (
    <>
      <Box mt={5} mb={3} maxW="60ch">
        {madeAt ? (
          <>
            A calendar fetches the sessions from an address that was made {dayName(madeAt.slice(0, 10))}. Whoever has the address sees them:
            make a new one, and the old one shows nothing.
          </>
        ) : (
          <>
            A calendar that fetches the sessions from an address keeps up with the plan by itself. Whoever has the address sees the
            sessions, and nothing else.
          </>
        )}
      </Box>
      <Flex gap={3} wrap="wrap" align="center">
        <Plain onClick={() => make.mutate(undefined)} loading={make.isPending} loadingText="Making the address">
          {madeAt ? 'Make a new address' : 'Make an address'}
        </Plain>
        {madeAt && (
          <Plain onClick={() => end.mutate(undefined, { onSuccess: () => make.reset() })} loading={end.isPending} loadingText="Ending it">
            End the address
          </Plain>
        )}
        <FileLink href={`/api/clients/${id}/calendar.ics`}>The sessions as a file</FileLink>
      </Flex>
      <ProblemLine problem={make.error ?? end.error} of={madeAt} />
      {make.data && <NewLink link={make.data.link} good="The address for the calendar." reachesPhones={make.data.reachesPhones} />}
    </>
  )
}
