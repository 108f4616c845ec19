import { Box, Flex, Grid } from '@chakra-ui/react'
import type { PainRegion, PainTrigger } from '../../api/schema'
import { useCatalogue } from '../../hooks/useClients'
import { limits } from '../../api/limits'
import { words } from '../../text/codes'
import { Plain, SelectField, Toggle } from '../../ui/form'
import { BigNumber, Keys } from '../../ui/Keys'
import { newPain, type PainDraft } from './draft'

const regions: readonly PainRegion[] = ['low-back', 'knee', 'hip', 'ankle', 'shoulder', 'other']
const triggers: readonly PainTrigger[] = ['bending', 'arching', 'squatting', 'hinging', 'overhead', 'running']
const scores = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]

interface Props {
  pain: readonly PainDraft[]
  onPain: (pain: PainDraft[]) => void
  error: (path: string) => string | undefined
}

/** Pain as the client tells it: where, on what, how much during, the next morning and usually. */
export function Pain({ pain, onPain, error }: Props) {
  const change = (at: number, part: Partial<PainDraft>) => onPain(pain.map((entry, i) => (i === at ? { ...entry, ...part } : entry)))
  return (
    <Box>
      {pain.length === 0 && (
        <Box color="quiet" mb={3}>
          No pain entered.
        </Box>
      )}
      {pain.map((entry, i) => (
        <Entry
          key={`pain-${i + 1}`}
          entry={entry}
          name={`Pain ${i + 1}`}
          onChange={(part) => change(i, part)}
          onRemove={() => onPain(pain.filter((_, other) => other !== i))}
          error={error(`pain[${i}].region`)}
        />
      ))}
      <Plain onClick={() => onPain([...pain, newPain])}>Add a pain</Plain>
    </Box>
  )
}

interface EntryProps {
  entry: PainDraft
  name: string
  onChange: (part: Partial<PainDraft>) => void
  onRemove: () => void
  error: string | undefined
}

function Entry({ entry, name, onChange, onRemove, error }: EntryProps) {
  const catalogue = useCatalogue()
  const lines = catalogue.state === 'ready' ? catalogue.data : []
  const toggle = (trigger: PainTrigger) =>
    onChange({
      worseOn: entry.worseOn.includes(trigger) ? entry.worseOn.filter((other) => other !== trigger) : [...entry.worseOn, trigger],
    })
  return (
    <Box role="group" aria-label={name} borderTop="2px solid" borderColor="ink" py={4} mb={2}>
      <Flex justify="space-between" align="end" gap={4} mb={4} wrap="wrap">
        <Box w="220px">
          <SelectField
            label="Where"
            value={entry.region}
            error={error}
            options={regions.map((region) => ({ value: region, label: words(region) }))}
            onValue={(region) => onChange({ region: region as PainRegion })}
          />
        </Box>
        <Box w="280px">
          <SelectField
            label="With one exercise only"
            value={entry.exercise}
            options={[
              { value: '', label: 'No, with the movements of that region' },
              ...lines.map((line) => ({ value: line.id, label: line.name })),
            ]}
            onValue={(exercise) => onChange({ exercise })}
          />
        </Box>
        <Plain onClick={onRemove} aria-label={`Remove ${name.toLowerCase()}`}>
          Remove
        </Plain>
      </Flex>
      <Box role="group" aria-label="Worse on" mb={4}>
        <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
          Worse on
        </Box>
        <Flex wrap="wrap" gap={2}>
          {triggers.map((trigger) => (
            <Toggle key={trigger} on={entry.worseOn.includes(trigger)} minH="target" onClick={() => toggle(trigger)}>
              {words(trigger)}
            </Toggle>
          ))}
        </Flex>
      </Box>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }} gap={5} mb={4}>
        <BigNumber
          label="During, 0 to 10"
          unit="score"
          keys={scores}
          fine={1}
          most={limits.painSection.scoreDuring.most}
          value={entry.scoreDuring}
          onValue={(scoreDuring) => onChange({ scoreDuring })}
        />
        <BigNumber
          label="Next morning"
          unit="score"
          keys={scores}
          fine={1}
          most={limits.painSection.scoreNextMorning.most}
          value={entry.scoreNextMorning}
          onValue={(scoreNextMorning) => onChange({ scoreNextMorning })}
        />
        <BigNumber
          label="Usually"
          unit="score"
          keys={scores}
          fine={1}
          most={limits.painSection.usualScore.most}
          value={entry.usualScore}
          onValue={(usualScore) => onChange({ usualScore })}
        />
      </Grid>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }} gap={5}>
        <BigNumber
          label="For how long"
          unit="weeks"
          keys={[]}
          fine={1}
          most={limits.painSection.weeks.most}
          value={entry.weeks}
          onValue={(weeks) => onChange({ weeks })}
        />
        <Box>
          <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
            Getting better
          </Box>
          <Keys
            label="Getting better"
            choices={[
              { value: true, label: 'Yes' },
              { value: false, label: 'No' },
            ]}
            chosen={entry.improving}
            onChoose={(improving) => onChange({ improving })}
          />
        </Box>
        <Box>
          <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
            Tingling, shooting pain below the knee, or a leg that gives way
          </Box>
          <Keys
            label="Nerve signs"
            choices={[
              { value: true, label: 'Yes' },
              { value: false, label: 'No' },
            ]}
            chosen={entry.nerveSigns}
            onChoose={(nerveSigns) => onChange({ nerveSigns: nerveSigns ?? false })}
          />
        </Box>
      </Grid>
    </Box>
  )
}
