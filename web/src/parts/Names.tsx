import { Box, Flex } from '@chakra-ui/react'
import type { NameAsked, NameMeans } from '../api/schema'
import { useExerciseFaces } from '../hooks/useExercises'
import { Section, SelectField } from '../ui/form'
import { Failed, Loading } from '../ui/states'

/** Names that nobody said yet what they mean, with the nearest first; the answers are kept for the practice with the file. */
export function Names({ unknown, onName }: Props) {
  const faces = useExerciseFaces()
  if (faces.state === 'loading') return <Loading label="Fetching the exercises" rows={2} />
  if (faces.state === 'failed') return <Failed message={faces.message} retry={faces.retry} />
  const named = new Map(faces.data.map((face) => [face.exercise, face.name]))
  const all = [...faces.data]
    .sort((one, other) => one.name.localeCompare(other.name))
    .map((face) => ({ value: face.exercise, label: face.name }))
  return (
    <Section title={unknown.length === 1 ? 'One name is not known' : `${unknown.length} names are not known`}>
      <Box mb={3} maxW="60ch">
        Say once which exercise each is; the next file knows. Rows of a name that stays unknown are not kept.
      </Box>
      <Flex gap={4} wrap="wrap">
        {unknown.map(({ name, rows, nearest }) => (
          <Box key={name} w={{ base: '100%', sm: '300px' }}>
            <SelectField
              label={`${name}, ${rows} ${rows === 1 ? 'row' : 'rows'}`}
              value=""
              options={[
                { value: '', label: 'choose the exercise' },
                ...nearest.map((id) => ({ value: id, label: named.get(id) ?? id })),
                ...all.filter(({ value }) => !nearest.includes(value)),
              ]}
              onValue={(exercise) => exercise && onName({ name, exercise })}
            />
          </Box>
        ))}
      </Flex>
    </Section>
  )
}

interface Props {
  unknown: readonly NameAsked[]
  onName: (name: NameMeans) => void
}
