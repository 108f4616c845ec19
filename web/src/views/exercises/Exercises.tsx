import { Box, chakra, Flex } from '@chakra-ui/react'
import { usePicking } from './usePicking'
import { useState } from 'react'
import { useParams } from 'react-router'
import type { ExercisesView } from '../../api/schema'
import { useExercises } from '../../hooks/useExercises'
import { problemInWords } from '../../api/problems'
import { Plain, Primary, Toggle } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { ChosenRow } from './ChosenRow'
import { Effect } from './Effect'
import { ExercisePanel } from './ExercisePanel'
import { Muscles } from './Muscles'
import { Others } from './Others'
import { PassedOver } from './PassedOver'
import { letBack, pinned } from './picks'
import { School } from './School'
import { WeekSlots } from './WeekSlots'
import { TextLink } from '../../ui/TextLink'

/** The chosen exercises with what speaks for each; beside them what else could serve, and what a swap would do. */
export function Exercises() {
  const { id = '' } = useParams()
  const exercises = useExercises(id)
  if (exercises.state === 'failed') return <Failed message={exercises.message} retry={exercises.retry} />
  if (exercises.state === 'loading') return <Loading label="Choosing the exercises" rows={8} />
  return <ExercisesPage key={id} clientId={id} view={exercises.data} />
}

function ExercisesPage({ clientId, view }: { clientId: string; view: ExercisesView }) {
  const [school, setSchool] = useState<string | null>(null)
  const { save, focused, compared, against, draft, isLost, canUndo, act, onKey, onDraftKey } = usePicking(clientId, view)
  if (view.stop)
    return (
      <Box p={5}>
        <Caution word="Stop">{view.stop}</Caution>
      </Box>
    )
  return (
    <Flex direction="column" h="100%" minH={0} onKeyDownCapture={onDraftKey}>
      <Flex flex="1" minH={0} direction={{ base: 'column', lg: 'row' }} overflow={{ base: 'auto', lg: 'hidden' }}>
        <Box flex="1 1 0" minW={0} overflowY={{ lg: 'auto' }} overflowX={{ lg: 'hidden' }}>
          <Flex px={4} minH="52px" align="center" gap={2} borderBottom="1px solid" borderColor="hair" wrap="wrap" py={1.5}>
            <chakra.h1 textStyle="lead" fontWeight="strong" mr={2}>
              Exercises
            </chakra.h1>
            <Flex role="group" aria-label="School of accessories" gap={1.5} wrap="wrap">
              {view.schools.map((one) => (
                <Toggle
                  key={one.school}
                  size="sm"
                  on={one.school === (school ?? view.school)}
                  onClick={() => setSchool(one.school === view.school ? null : one.school)}
                >
                  {one.name}
                </Toggle>
              ))}
            </Flex>
            <Flex ml="auto" gap={3} align="center" textStyle="note">
              {canUndo && (
                <Plain size="sm" onClick={act.goBack}>
                  Undo
                </Plain>
              )}
              <TextLink to="/catalogue">Catalogue</TextLink>
            </Flex>
          </Flex>
          <Box px={4} py={2.5} textStyle="note" color="quiet" borderBottom="1px solid" borderColor="hair">
            {view.favours}
          </Box>
          {school && <School clientId={clientId} school={school} onTaken={() => setSchool(null)} />}
          {view.shortfalls.length > 0 && (
            <Box as="ul" aria-label="What could not be had" px={4} py={2.5} borderBottom="1px solid" borderColor="hair" textStyle="note">
              {view.shortfalls.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </Box>
          )}
          {view.chosen.length === 0 && <Box p={4}>No exercise can be chosen with this kit and these answers. Add kit in Intake.</Box>}
          <WeekSlots
            week={view.week}
            focused={focused?.face.exercise}
            onFocus={(exercise) => {
              const line = view.chosen.find((one) => one.face.exercise === exercise)
              if (line) act.focus(line)
            }}
          />
          <Box as="section" aria-label="Chosen exercises" onKeyDown={onKey}>
            {view.chosen.map((line) => (
              <ChosenRow
                key={line.face.exercise}
                line={line}
                focused={line === focused}
                onFocus={() => act.focus(line)}
                onPin={() => act.take(pinned(view.picks, line))}
                onOut={() => act.lookWithout(line)}
              />
            ))}
          </Box>
          <Muscles muscles={view.muscles} />
          <PassedOver view={view} onBack={(exercise) => act.take(letBack(view.picks, exercise))} />
        </Box>
        {focused && <Others slot={focused} others={view.others} against={against} onAgainst={act.consider} onAdd={act.lookAt} />}
        {focused && <ExercisePanel line={focused} compared={compared} />}
      </Flex>
      {draft && <Effect clientId={clientId} picks={draft} onTake={() => act.take(draft)} onLeave={act.leave} />}
      {isLost && !save.isPending && (
        <Flex role="alert" px={4} py={2} gap={3} align="center" wrap="wrap" bg="plate">
          <Box fontWeight="semibold">Somebody chose exercises meanwhile; what they chose is shown now. Your choice is not in it yet.</Box>
          <Primary onClick={act.layOver}>Lay mine over it</Primary>
          <Plain onClick={act.leaveLost}>Leave mine</Plain>
        </Flex>
      )}
      {save.error && !isLost && (
        <Box role="alert" px={4} py={2} color="stop" fontWeight="semibold">
          {problemInWords(save.error)}
        </Box>
      )}
    </Flex>
  )
}
