import { useState } from 'react'
import type { ChosenLine, ExercisesView, Pick, RankedLine } from '../../api/schema'
import { say } from '../../hooks/said'
import { useSavePicks } from '../../hooks/useExercises'
import { useKeys, useListKeys } from '../../keys/useKeys'
import { isConflict } from '../../api/problems'
import { added, laidOver, pinned, swapped, takenOut } from './picks'

/** Picking among the chosen: what has the focus, what is looked at before it is taken, and the way back. */
export function usePicking(clientId: string, view: ExercisesView) {
  const save = useSavePicks(clientId)
  const [at, setAt] = useState<string | null>(null)
  const [against, setAgainst] = useState<string | null>(null)
  const [draft, setDraft] = useState<readonly Pick[] | null>(null)
  const [undo, setUndo] = useState<readonly (readonly Pick[])[]>([])
  // A choice that somebody else was faster than: it waits until it is laid over theirs, or left.
  const [lost, setLost] = useState<{ base: readonly Pick[]; mine: readonly Pick[] } | null>(null)
  const focused = view.chosen.find((line) => line.face.exercise === at) ?? view.chosen[0]
  const compared = view.others.find((line) => line.face.exercise === against) ?? null
  const send = (picks: readonly Pick[]) => {
    setLost(null)
    save.mutate(picks, {
      onSuccess: () => say('The week is chosen anew.'),
      onError: (problem) => isConflict(problem) && setLost({ base: view.picks, mine: picks }),
    })
  }
  const take = (picks: readonly Pick[]) => {
    setUndo([...undo, view.picks])
    setDraft(null)
    setAgainst(null)
    send(picks)
  }
  const goBack = () => {
    const last = undo.at(-1)
    if (!last) return
    setUndo(undo.slice(0, -1))
    send(last)
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
  const act = {
    take,
    goBack,
    layOver: () => lost && send(laidOver(lost.base, lost.mine, view.picks)),
    leaveLost: () => setLost(null),
    consider,
    leave: () => setDraft(null),
    focus: (line: ChosenLine) => {
      setAt(line.face.exercise)
      setAgainst(null)
      setDraft(null)
    },
    lookWithout: (line: ChosenLine) => setDraft(takenOut(view.picks, line.face.exercise)),
    lookAt: (next: RankedLine) => {
      setAgainst(next.face.exercise)
      setDraft(added(view.picks, next.face.exercise))
    },
  }
  return { save, focused, compared, against, draft, isLost: lost !== null, canUndo: undo.length > 0, act, onKey, onDraftKey }
}
