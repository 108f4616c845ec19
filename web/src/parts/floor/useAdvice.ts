import { useMemo } from 'react'
import type { Model } from '../../api/model'
import type { FloorItem, FloorProposal, FloorView } from '../../api/schema'
import { useModel } from '../../hooks/useModel'
import type { Waiting } from '../../offline/outbox'
import { doneFor } from './session'
import type { TodayItem } from './useComingIn'

/** What the next set should be: by the server's word, and where a set of the exercise waits here, by Core in the page. */
export function useAdvice(view: FloorView, item: TodayItem | undefined, waiting: readonly Waiting[]): FloorProposal | null {
  const { model } = useModel()
  return useMemo(() => (item ? adviceOf(model, view, item, waiting) : null), [model, view, item, waiting])
}

/** The same for one item. */
export function adviceOf(model: Model | null, view: FloorView, item: TodayItem, waiting: readonly Waiting[]): FloorProposal | null {
  // The server's word is of the session as planned.
  if (!item.eased && !waitsHere(view, item, waiting)) return item.proposal
  return model?.advice({ basis: item.advice, done: doneOf(view, item, waiting) }) ?? null
}

function waitsHere(view: FloorView, item: FloorItem, waiting: readonly Waiting[]): boolean {
  const known = new Set(item.sets.flatMap((set) => (set.done ? [set.done.id] : [])))
  return waiting.some(
    ({ set, withdraws }) =>
      (set?.exercise === item.exercise && set.date === view.date) || (withdraws !== undefined && known.has(withdraws)),
  )
}

const doneOf = (view: FloorView, item: FloorItem, waiting: readonly Waiting[]) =>
  item.sets.flatMap((set) => {
    const done = doneFor(item, set, view.date, waiting)
    if (!done) return []
    const { kg, reps, rpe, pain, seconds, metres, word, heldTo } = done
    return [{ place: set.place, kg, reps, rpe, pain, seconds, metres, word, techniqueHeldTo: heldTo }]
  })
