import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { HardestAt, LoadSource, MuscleLength, Pattern } from '../../api/schema'
import { options, words } from '../../text/codes'
import { LinesField, NumberField, SelectField, TextField, Toggle } from '../../ui/form'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import { idOf, type OwnDraft, patterns } from './own'

interface Part {
  draft: OwnDraft
  onChange: (change: Partial<OwnDraft>) => void
  error: (field: string) => string | undefined
  names: readonly { value: string; label: string }[]
}

const none = { value: '', label: 'none' }
const two = { base: '1fr', md: '1fr 1fr' }
const four = { base: '1fr 1fr', md: 'repeat(4, 1fr)' }

export function NamePart({ draft, onChange, error, isNew }: Part & { isNew: boolean }) {
  return (
    <Grid templateColumns={two} gap={3}>
      <TextField
        label="Name"
        value={draft.name}
        maxLength={limits.exerciseDocument.name.length}
        error={error('name') ?? error('id')}
        hint={isNew ? `Id: ${idOf(draft.name) || 'made from the name'}` : `Id: ${draft.id}`}
        onChange={(event) => onChange({ name: event.target.value })}
      />
      <SelectField
        label="Pattern"
        value={draft.pattern}
        options={options(patterns)}
        error={error('pattern')}
        onValue={(value) => onChange({ pattern: value as Pattern })}
      />
    </Grid>
  )
}

export function WordsPart({ draft, onChange, error }: Part) {
  return (
    <Grid templateColumns={two} gap={3}>
      <LinesField label="Cues, one a line, two or three" value={draft.cues} error={error('cues')} onValue={(cues) => onChange({ cues })} />
      <Grid gap={3}>
        <TextField
          label="The one fault to watch for"
          value={draft.watch}
          maxLength={limits.exerciseDocument.watch.length}
          error={error('watch')}
          onChange={(event) => onChange({ watch: event.target.value })}
        />
        <TextField
          label="What to take care of"
          value={draft.caution}
          maxLength={limits.exerciseDocument.caution.length}
          error={error('caution')}
          onChange={(event) => onChange({ caution: event.target.value })}
        />
      </Grid>
      <LinesField label="How it is set up" value={draft.stance} error={error('stance')} onValue={(stance) => onChange({ stance })} />
      <LinesField
        label="How to get out of a failed repetition"
        value={draft.escape}
        error={error('escape')}
        onValue={(escape) => onChange({ escape })}
      />
    </Grid>
  )
}

export function LoadPart({ draft, onChange, error, names }: Part) {
  return (
    <Grid gap={3}>
      <Grid templateColumns={two} gap={3}>
        <LinesField
          label="Kit: pieces with commas; each line is another way"
          value={draft.kit}
          error={error('kit')}
          onValue={(kit) => onChange({ kit })}
        />
        <Grid gap={3}>
          <SelectField
            label="What is loaded"
            value={draft.load}
            options={options(codes.loadSource)}
            error={error('load')}
            onValue={(value) => onChange({ load: value as LoadSource })}
          />
          <SelectField
            label="Sides"
            value={draft.sides}
            options={options(codes.sides)}
            error={error('sides')}
            onValue={(sides) => onChange({ sides })}
          />
        </Grid>
      </Grid>
      <Grid templateColumns={four} gap={3}>
        <SelectField
          label="Its 1RM follows from"
          value={draft.ratioOf}
          options={[none, ...names]}
          error={error('ratio')}
          onValue={(ratioOf) => onChange({ ratioOf })}
        />
        <NumberField label="Part of it" value={draft.ratio} onValue={(ratio) => onChange({ ratio })} />
        <NumberField label="Spread, %" value={draft.spread} onValue={(spread) => onChange({ spread })} />
        <NumberField
          label="Part of body mass lifted"
          value={draft.bodyFraction}
          error={error('bodyFraction')}
          onValue={(bodyFraction) => onChange({ bodyFraction })}
        />
        <NumberField label="Fewest repetitions" value={draft.bottom} error={error('reps')} onValue={(bottom) => onChange({ bottom })} />
        <NumberField label="Most repetitions" value={draft.top} onValue={(top) => onChange({ top })} />
        <TextField
          label="Tempo"
          value={draft.tempo}
          maxLength={limits.exerciseDocument.tempo.length}
          hint="as in 3-0-1-0; empty: its role's"
          error={error('tempo')}
          onChange={(event) => onChange({ tempo: event.target.value })}
        />
        <NumberField
          label="Set-up, seconds"
          value={draft.setUpSeconds}
          error={error('setUpSeconds')}
          onValue={(setUpSeconds) => onChange({ setUpSeconds })}
        />
      </Grid>
      <Flex gap={2}>
        <Toggle on={draft.fromFloor} onClick={() => onChange({ fromFloor: !draft.fromFloor })}>
          Pulled from the floor
        </Toggle>
      </Flex>
    </Grid>
  )
}

export function BodyPart({ draft, onChange, error, names }: Part) {
  return (
    <Grid gap={3}>
      <chakra.fieldset minW={0}>
        <chakra.legend textStyle="note" color="quiet" mb={1}>
          Muscles
        </chakra.legend>
        <Grid templateColumns={four} gap={2}>
          {codes.muscle.map((muscle) => (
            <SelectField
              key={muscle}
              label={words(muscle ?? '')}
              value={draft.muscles[muscle ?? ''] ?? ''}
              options={[none, ...options(codes.share)]}
              onValue={(share) => onChange({ muscles: { ...draft.muscles, [muscle ?? '']: share } })}
            />
          ))}
        </Grid>
        {error('muscles') && (
          <Box color="stop" textStyle="fine" fontWeight="semibold" mt={1}>
            {error('muscles')}
          </Box>
        )}
      </chakra.fieldset>
      <Grid templateColumns={four} gap={3}>
        <SelectField
          label="Loaded at a length"
          value={draft.length}
          options={options(codes.muscleLength)}
          onValue={(value) => onChange({ length: value as MuscleLength })}
        />
        <SelectField
          label="Hardest at the"
          value={draft.hardest}
          options={options(codes.hardestAt)}
          onValue={(value) => onChange({ hardest: value as HardestAt })}
        />
        <SelectField
          label="Carries over to"
          value={draft.carriesTo}
          options={[none, ...names]}
          error={error('carriesTo')}
          onValue={(carriesTo) => onChange({ carriesTo })}
        />
        <SelectField
          label="Answers findings like"
          value={draft.answersLike}
          options={[none, ...names]}
          error={error('answersLike')}
          onValue={(answersLike) => onChange({ answersLike })}
        />
      </Grid>
      <Many
        label="Positions trained"
        all={codes.position}
        chosen={draft.positions}
        onChosen={(chosen) => onChange({ positions: chosen })}
      />
      <Many
        label="Not with"
        all={codes.conflict}
        chosen={draft.conflicts}
        error={error('conflicts')}
        onChosen={(chosen) => onChange({ conflicts: chosen })}
      />
    </Grid>
  )
}

export function CostPart({ draft, onChange, error }: Part) {
  const costs = [
    ['axial', 'Load on the spine, 0 to 3'],
    ['systemic', 'Tires the whole body, 0 to 3'],
    ['soreness', 'Soreness, 0 to 3'],
    ['skill', 'Skill, 1 to 4'],
  ] as const
  return (
    <Grid templateColumns={four} gap={3}>
      {costs.map(([field, label]) => (
        <NumberField
          key={field}
          label={label}
          value={draft[field]}
          error={error(field)}
          onValue={(value) => onChange({ [field]: value })}
        />
      ))}
    </Grid>
  )
}

function Many<T extends string | null>({
  label,
  all,
  chosen,
  error,
  onChosen,
}: {
  label: string
  all: readonly T[]
  chosen: readonly T[]
  error?: string
  onChosen: (chosen: T[]) => void
}) {
  return (
    <Box role="group" aria-label={label}>
      <Box textStyle="note" color="quiet" mb={1}>
        {label}
      </Box>
      <Flex gap={2} wrap="wrap">
        {all.map((one) => (
          <Toggle
            key={one}
            on={chosen.includes(one)}
            onClick={() => onChosen(chosen.includes(one) ? chosen.filter((other) => other !== one) : [...chosen, one])}
          >
            {words(one ?? '')}
          </Toggle>
        ))}
      </Flex>
      {error && (
        <Box color="stop" textStyle="fine" fontWeight="semibold" mt={1}>
          {error}
        </Box>
      )}
    </Box>
  )
}
