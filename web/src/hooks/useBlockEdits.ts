import { replaceEqualDeep } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import type { BlockView, EditSection } from '../api/schema'
import { laidOver, useAskForDraft, useBlockDraft, useKeepEdits } from './useBlock'

interface History {
  past: readonly (readonly EditSection[])[]
  now: readonly EditSection[]
  future: readonly (readonly EditSection[])[]
}

/** The coach's edits of a block: tried on the server at every step, undone and redone without limit, kept in this tab until they are saved. */
export interface BlockEdits {
  view: BlockView
  edits: readonly EditSection[]
  dirty: boolean
  /** What is wrong with the newest edit, or why saving failed. */
  problem: string | null
  working: boolean
  canUndo: boolean
  canRedo: boolean
  push: (...edits: EditSection[]) => void
  undo: () => void
  redo: () => void
  keep: () => void
  drop: () => void
}

const withNow = (at: History, now: readonly EditSection[]): History => ({ past: [...at.past, at.now], now, future: [] })

export function useBlockEdits(clientId: string, kept: BlockView): BlockEdits {
  const place = `nerezza.block.${clientId}.${kept.number}`
  const [history, setHistory] = useState<History>(() => {
    const typed = sessionStorage.getItem(place)
    return typed ? (JSON.parse(typed) as History) : { past: [], now: kept.edits, future: [] }
  })
  // Several edits of one turn build on each other, before the page is drawn again.
  const current = useRef(history)
  const dirty = JSON.stringify(history.now) !== JSON.stringify(kept.edits)
  useEffect(() => {
    if (dirty || history.future.length > 0) sessionStorage.setItem(place, JSON.stringify(history))
    else sessionStorage.removeItem(place)
  }, [place, history, dirty])
  const ask = useAskForDraft(clientId, kept.number)
  const turn = (to: History) => {
    current.current = to
    if (to.now !== kept.edits) ask(to.now)
    setHistory(to)
  }
  const draft = useBlockDraft(clientId, kept.number, dirty ? history.now : null)
  const keep = useKeepEdits(clientId, kept.number)
  const last = useRef(kept)
  // What an edit leaves alone stays the same object, so that only what changed is drawn again.
  const next = dirty ? (draft.state === 'ready' ? laidOver(kept, draft.data) : last.current) : kept
  last.current = replaceEqualDeep(last.current, next)
  return {
    view: last.current,
    edits: history.now,
    dirty,
    problem: dirty && draft.state === 'failed' ? draft.message : (keep.error?.message ?? null),
    working: dirty && draft.state === 'loading',
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    push: (...edits) => turn(withNow(current.current, [...current.current.now, ...edits])),
    undo: () => {
      const at = current.current
      const before = at.past.at(-1)
      if (before) turn({ past: at.past.slice(0, -1), now: before, future: [at.now, ...at.future] })
    },
    redo: () => {
      const at = current.current
      const [next, ...later] = at.future
      if (next) turn({ past: [...at.past, at.now], now: next, future: later })
    },
    keep: () => keep.mutate(history.now, { onSuccess: () => sessionStorage.removeItem(place) }),
    drop: () => turn(withNow(current.current, kept.edits)),
  }
}
