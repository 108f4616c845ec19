import { Box } from '@chakra-ui/react'
import type { ChosenLine, RankedLine } from '../../api/schema'
import { effort, mass, massUnit } from '../../text/numbers'
import { ExerciseFacts } from '../../ui/ExerciseFacts'
import { Labelled } from '../../ui/Numeral'
import { CompareTable } from './CompareTable'

/** The panel panel: the client in the exercise, its muscles, cues and ladder; or two exercises side by side. */
export function ExercisePanel({ line, compared }: { line: ChosenLine; compared: RankedLine | null }) {
  return (
    <Box
      as="aside"
      aria-label={line.face.name}
      tabIndex={0}
      w={{ base: '100%', lg: '320px' }}
      flexShrink={0}
      bg="panel"
      color="panel.ink"
      p={4}
      overflow={{ lg: 'auto' }}
    >
      {compared ? <CompareTable line={line} other={compared} /> : <Whole line={line} />}
    </Box>
  )
}

function Whole({ line }: { line: ChosenLine }) {
  return (
    <>
      <ExerciseFacts face={line.face} />
      <Box display="grid" gap={3} mt={4} textStyle="plain">
        <Labelled label="Because">{line.because}</Labelled>
        {line.insteadOf.length > 0 && (
          <Labelled label="Next best">{line.insteadOf.map((other) => `${other.name} ${other.because}`).join('. ')}.</Labelled>
        )}
        {line.substitutes.length > 0 && (
          <Labelled label="If it is busy">
            <ul>
              {line.substitutes.map((other) => (
                <li key={other.exercise}>
                  {other.name}: {other.sets} × {other.reps}, {other.kg === null ? effort(other.rpe) : `${mass(other.kg)} ${massUnit()}`}
                </li>
              ))}
            </ul>
          </Labelled>
        )}
      </Box>
    </>
  )
}
