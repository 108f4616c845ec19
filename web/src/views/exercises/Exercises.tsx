import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { ChosenLine, ExercisesView, Pick, RankedLine } from '../../api/schema'
import { useKeys, useListKeys } from '../../keys/useKeys'
import { useExercises, useSavePicks } from '../../hooks/useExercises'
import { Plain, Toggle } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { ChosenRow } from './ChosenRow'
import { Effect } from './Effect'
import { ExercisePanel } from './ExercisePanel'
import { Muscles } from './Muscles'
import { Others } from './Others'
import { PassedOver } from './PassedOver'
import { letBack, pinned, swapped, takenOut, added } from './picks'
import { School } from './School'

/** The chosen exercises with what speaks for each; beside them what else could serve, and what a swap would do. */
export function Exercises() {
  const { id = '' } = useParams()
  const exercises = useExercises(id)
  if (exercises.state === 'failed') return <Failed message={exercises.message} retry={exercises.retry} />
  if (exercises.state === 'loading') return <Loading label="Choosing the exercises" rows={8} />
  return <ExercisesPage key={id} clientId={id} view={exercises.data} />
}

function ExercisesPage({ clientId, view }: { clientId: string; view: ExercisesView }) {
  const save = useSavePicks(clientId)
  const [at, setAt] = useState<string | null>(null)
  const [against, setAgainst] = useState<string | null>(null)
  const [draft, setDraft] = useState<readonly Pick[] | null>(null)
  const [undo, setUndo] = useState<readonly (readonly Pick[])[]>([])
  const [school, setSchool] = useState<string | null>(null)
  const focused = view.chosen.find((line) => line.face.exercise === at) ?? view.chosen[0]
  const compared = view.others.find((line) => line.face.exercise === against) ?? null
  const take = (picks: readonly Pick[]) => {
    setUndo([...undo, view.picks])
    setDraft(null)
    setAgainst(null)
    save.mutate(picks)
  }
  const goBack = () => {
    const last = undo.at(-1)
    if (!last) return
    setUndo(undo.slice(0, -1))
    save.mutate(last)
  }
  const consider = (next: RankedLine) => {
    setAgainst(next.face.exercise)
    if (focused) setDraft(swapped(view.picks, focused, next.face.exercise))
  }
  const inRow = (act: (line: ChosenLine) => void) => (event: KeyboardEvent) => {
    if (!focused || !(event.target instanceof HTMLElement) || !event.target.matches('[data-chosen]')) return false
    act(focused)
  }
  const onKey = useListKeys('[data-chosen]', {
    takeOut: inRow((line) => setDraft(takenOut(view.picks, line.face.exercise))),
    pin: inRow((line) => take(pinned(view.picks, line))),
    undoPick: inRow(goBack),
  })
  // A change that is looked at is taken by Enter where it was asked for, and left by Escape from anywhere.
  const onDraftKey = useKeys({
    leaveSwap: () => (draft ? setDraft(null) : false),
    takeSwap: (event) => {
      if (!draft || !(event.target instanceof HTMLElement)) return false
      const asked = event.target.dataset.other === against && against !== null
      const out = event.target.dataset.chosen === focused?.face.exercise && against === null
      if (!asked && !out) return false
      take(draft)
      event.stopPropagation()
    },
  })
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
            <chakra.h1 fontSize="17px" fontWeight="650" mr={2}>
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
            <Flex ml="auto" gap={3} align="center" fontSize="14px">
              {undo.length > 0 && (
                <Plain size="sm" onClick={goBack}>
                  Undo
                </Plain>
              )}
              <Link to="/catalogue" style={{ textDecoration: 'underline', textUnderlineOffset: '3px' }}>
                Catalogue
              </Link>
            </Flex>
          </Flex>
          <Box px={4} py={2.5} fontSize="14px" color="quiet" borderBottom="1px solid" borderColor="hair">
            {view.favours}
          </Box>
          {school && <School clientId={clientId} school={school} onTaken={() => setSchool(null)} />}
          {view.shortfalls.length > 0 && (
            <Box as="ul" aria-label="What could not be had" px={4} py={2.5} borderBottom="1px solid" borderColor="hair" fontSize="14px">
              {view.shortfalls.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </Box>
          )}
          {view.chosen.length === 0 && <Box p={4}>No exercise can be chosen with this kit and these answers. Add kit in Intake.</Box>}
          <Box as="section" aria-label="Chosen exercises" onKeyDown={onKey}>
            {view.chosen.map((line) => (
              <ChosenRow
                key={line.face.exercise}
                line={line}
                focused={line === focused}
                onFocus={() => {
                  setAt(line.face.exercise)
                  setAgainst(null)
                  setDraft(null)
                }}
                onPin={() => take(pinned(view.picks, line))}
                onOut={() => setDraft(takenOut(view.picks, line.face.exercise))}
              />
            ))}
          </Box>
          <Muscles muscles={view.muscles} />
          <PassedOver view={view} onBack={(exercise) => take(letBack(view.picks, exercise))} />
        </Box>
        {focused && (
          <Others
            slot={focused}
            others={view.others}
            against={against}
            onAgainst={consider}
            onAdd={(next) => {
              setAgainst(next.face.exercise)
              setDraft(added(view.picks, next.face.exercise))
            }}
          />
        )}
        {focused && <ExercisePanel line={focused} compared={compared} />}
      </Flex>
      {draft && <Effect clientId={clientId} picks={draft} onTake={() => take(draft)} onLeave={() => setDraft(null)} />}
      {save.error && (
        <Box role="alert" px={4} py={2} color="stop" fontWeight="600">
          {save.error.message}
        </Box>
      )}
    </Flex>
  )
}
