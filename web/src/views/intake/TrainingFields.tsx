import { Box, Flex, Grid } from '@chakra-ui/react'
import { codes } from '../../api/codes'
import type { ExerciseLine, Muscle } from '../../api/schema'
import { options, weekdayNames, weekdays, words } from '../../text/codes'
import { NumberField, Plain, SelectField, TextField, Toggle } from '../../ui/form'
import type { FactsDraft } from '../../parts/facts'

interface Props {
  draft: FactsDraft
  set: (change: Partial<FactsDraft>) => void
  error: (path: string) => string | undefined
  catalogue: readonly ExerciseLine[]
}

/** What the client wants more of, what else they train, what they like, and who is near. */
export function TrainingFields({ draft, set, error, catalogue }: Props) {
  const toggle = (muscle: NonNullable<Muscle>) =>
    set({ emphasis: draft.emphasis.includes(muscle) ? draft.emphasis.filter((other) => other !== muscle) : [...draft.emphasis, muscle] })
  return (
    <Grid gap={5} templateColumns="minmax(0, 1fr)">
      <Box role="group" aria-label="Muscles to emphasise">
        <Named>Muscles to emphasise</Named>
        <Flex wrap="wrap" gap={2}>
          {codes.muscle.map((muscle) => (
            <Toggle key={muscle} on={draft.emphasis.includes(muscle)} onClick={() => toggle(muscle)}>
              {words(muscle)}
            </Toggle>
          ))}
        </Flex>
      </Box>
      <OtherTraining draft={draft} set={set} error={error} />
      <Events draft={draft} set={set} error={error} />
      <Wishes draft={draft} set={set} catalogue={catalogue} />
      <Flex gap={2} wrap="wrap" role="group" aria-label="Who is near">
        <Toggle on={draft.trainsAlone} onClick={() => set({ trainsAlone: !draft.trainsAlone })}>
          Trains with nobody near
        </Toggle>
        <Toggle on={draft.guardianConsent} onClick={() => set({ guardianConsent: !draft.guardianConsent })}>
          Under 16: guardian agreed and supervision is recorded
        </Toggle>
      </Flex>
    </Grid>
  )
}

const Named = ({ children }: { children: string }) => (
  <Box textStyle="note" color="quiet" mb={1.5}>
    {children}
  </Box>
)

type RowsProps = Omit<Props, 'catalogue'>

function OtherTraining({ draft, set, error }: RowsProps) {
  const rows = draft.otherTraining
  const change = (at: number, part: Partial<FactsDraft['otherTraining'][number]>) =>
    set({ otherTraining: rows.map((row, i) => (i === at ? { ...row, ...part } : row)) })
  return (
    <Box role="group" aria-label="Other training">
      <Named>Other training in the week</Named>
      {rows.map((row, i) => (
        <Grid
          key={`other-${i + 1}`}
          templateColumns={{ base: '1fr 1fr', md: '150px 130px 100px auto auto 44px' }}
          gap={2}
          mb={2}
          alignItems="end"
        >
          <SelectField
            label="Day"
            value={row.day}
            options={weekdays.map((day) => ({ value: day, label: weekdayNames[day] ?? day }))}
            onValue={(day) => change(i, { day })}
          />
          <SelectField label="Kind" value={row.kind} options={options(codes.otherTrainingKind)} onValue={(kind) => change(i, { kind })} />
          <NumberField
            label="Minutes"
            value={row.minutes}
            error={error(`otherTraining[${i}].minutes`)}
            onValue={(minutes) => change(i, { minutes })}
          />
          <Toggle on={row.hard} minH="38px" onClick={() => change(i, { hard: !row.hard })}>
            Hard: it tires the legs
          </Toggle>
          <Toggle on={row.match} minH="38px" onClick={() => change(i, { match: !row.match })}>
            Match: hard, and the week leads up to it
          </Toggle>
          <Plain
            aria-label={`Remove the ${row.kind} on ${weekdayNames[row.day]}`}
            onClick={() => set({ otherTraining: rows.filter((_, at) => at !== i) })}
          >
            ×
          </Plain>
        </Grid>
      ))}
      <Plain onClick={() => set({ otherTraining: [...rows, { day: 'tue', kind: 'run', minutes: '45', hard: false, match: false }] })}>
        Add other training
      </Plain>
    </Box>
  )
}

function Events({ draft, set, error }: RowsProps) {
  const rows = draft.events
  const change = (at: number, part: Partial<FactsDraft['events'][number]>) =>
    set({ events: rows.map((row, i) => (i === at ? { ...row, ...part } : row)) })
  return (
    <Box role="group" aria-label="Event tasks">
      <Named>Event tasks</Named>
      {rows.map((row, i) => (
        <Grid key={`event-${i + 1}`} templateColumns={{ base: '1fr 1fr 44px', md: '200px 180px 44px' }} gap={2} mb={2} alignItems="end">
          <SelectField label="Task" value={row.kind} options={options(codes.eventKind)} onValue={(kind) => change(i, { kind })} />
          <TextField
            label="Date"
            type="date"
            value={row.date}
            error={error(`events[${i}].date`)}
            onChange={(e) => change(i, { date: e.target.value })}
          />
          <Plain aria-label={`Remove ${words(row.kind)}`} onClick={() => set({ events: rows.filter((_, at) => at !== i) })}>
            ×
          </Plain>
        </Grid>
      ))}
      <Plain onClick={() => set({ events: [...rows, { kind: 'carry-medley', date: '' }] })}>Add an event task</Plain>
    </Box>
  )
}

/** Likes and dislikes; never keeps an exercise out of every program. */
function Wishes({ draft, set, catalogue }: Omit<Props, 'error'>) {
  const name = (id: string) => catalogue.find((line) => line.id === id)?.name ?? id
  const spoken = [...draft.likes, ...draft.dislikes.map((dislike) => dislike.exercise)]
  const add = [
    { value: '', label: 'Choose an exercise' },
    ...catalogue.filter((line) => !spoken.includes(line.id)).map((line) => ({ value: line.id, label: line.name })),
  ]
  const drop = (id: string) => ({
    likes: draft.likes.filter((like) => like !== id),
    dislikes: draft.dislikes.filter((dislike) => dislike.exercise !== id),
  })
  const word = (id: string) =>
    draft.likes.includes(id) ? 'likes' : draft.dislikes.find((row) => row.exercise === id)?.never ? 'never' : 'dislikes'
  const say = (id: string, how: string) => {
    const { likes, dislikes } = drop(id)
    set(
      how === 'likes' ? { likes: [...likes, id], dislikes } : { likes, dislikes: [...dislikes, { exercise: id, never: how === 'never' }] },
    )
  }
  return (
    <Box role="group" aria-label="Likes and dislikes">
      <Named>Likes and dislikes</Named>
      {spoken.map((id) => (
        <Flex key={id} gap={2} mb={2} align="center" wrap="wrap">
          <Box minW="220px">{name(id)}</Box>
          {['likes', 'dislikes', 'never'].map((how) => (
            <Toggle key={how} on={word(id) === how} aria-label={`${words(how)}: ${name(id)}`} onClick={() => say(id, how)}>
              {words(how)}
            </Toggle>
          ))}
          <Plain size="sm" aria-label={`Remove ${name(id)}`} onClick={() => set(drop(id))}>
            ×
          </Plain>
        </Flex>
      ))}
      <Box maxW="320px">
        <SelectField label="Add an exercise" value="" options={add} onValue={(id) => id && say(id, 'likes')} />
      </Box>
    </Box>
  )
}
