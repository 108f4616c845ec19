import { useMemo } from 'react'
import type { Model, ReadyAnswer } from '../../api/model'
import type { FloorItem, FloorSet, FloorView, ReadinessSection } from '../../api/schema'
import { useModel } from '../../hooks/useModel'
import { platesFor } from './session'

/** An exercise as it is done today. */
export type TodayItem = FloorItem & {
  /** Whether its sets are others than the plan's. */
  eased?: boolean
}

export interface TodayView extends FloorView {
  items: TodayItem[]
}

/** What of an exercise would change. */
export interface Change {
  name: string
  text: string
}

export interface Today {
  /** The session as it is done: with the changes where they were taken. */
  view: TodayView
  /** Exercises that are left out. */
  out: readonly string[]
  /** What would change by these answers; null while Core is not in the page yet. */
  preview: (answers: ReadinessSection) => readonly Change[] | null
  /** Core could not be had. */
  failed: boolean
}

/** The session by how the client came in. Core in the page answers, with or without a network. */
export function useComingIn(planned: FloorView, said: FloorView['readiness']): Today {
  const { model, failed } = useModel()
  return useMemo(
    () => ({
      ...todayOf(model, planned, said),
      failed,
      preview: (readiness) =>
        ask(model, planned, readiness)?.flatMap(({ text }, at) => (text === '' ? [] : [{ name: planned.items[at]?.name ?? '', text }])) ??
        null,
    }),
    [model, failed, planned, said],
  )
}

/** The session by how the client came in. */
export function todayOf(model: Model | null, planned: FloorView, said: FloorView['readiness']): Pick<Today, 'view' | 'out'> {
  const answers = said?.taken ? ask(model, planned, said.answers) : null
  return answers ? applied(planned, answers) : { view: planned, out: [] }
}

const ask = (model: Model | null, planned: FloorView, readiness: ReadinessSection): readonly ReadyAnswer[] | null =>
  model?.readiness({ session: planned.items.map((item) => [item, ...item.substitutes].map(wayOf)), readiness }) ?? null

const wayOf = ({ name, role, answers, seconds, ready, advice }: FloorItem) => ({ name, role, answers, seconds, ready, advice })

/** The session with its changes. */
export function applied(planned: FloorView, answers: readonly ReadyAnswer[]): { view: TodayView; out: readonly string[] } {
  const items = planned.items.map((item, at) => {
    const answer = answers[at]
    if (!answer || answer.text === '') return item
    return eased((answer.instead === null ? item : item.substitutes[answer.instead]) ?? item, answer)
  })
  return {
    view: { ...planned, items, order: planned.order.filter(({ item, place }) => place < (items[item]?.sets.length ?? 0)) },
    out: items.filter((_, at) => answers[at]?.isOut).map((item) => item.exercise),
  }
}

function eased(item: FloorItem, { sets: today, mayGoOn, text }: ReadyAnswer): TodayItem {
  const sets = item.sets.slice(0, today.length).map((set, at) => easedSet(item, set, today[at]))
  return {
    ...item,
    eased: true,
    changed: [item.changed, text].filter(Boolean).join(' '),
    seconds: (item.seconds * sets.length) / Math.max(1, item.sets.length),
    sets,
    advice: {
      ...item.advice,
      mostReps: mayGoOn ? item.advice.mostReps : 0,
      sets: item.advice.sets.slice(0, today.length).map((set, at) => {
        const { kg = null, reps = set.reps, rpe = set.rpe, amrap = set.amrap } = today[at] ?? {}
        return { ...set, kg, reps, rpe, amrap }
      }),
    },
  }
}

function easedSet(item: FloorItem, set: FloorSet, today: ReadyAnswer['sets'][number] | undefined): FloorSet {
  if (!today) return set
  const { kg, reps, amrap, asks } = today
  return {
    ...set,
    kg,
    reps,
    amrap,
    asks: [...asks],
    rpe: set.rpe === null ? null : today.rpe,
    perSide: platesFor(item, set, kg)?.slice() ?? null,
  }
}
