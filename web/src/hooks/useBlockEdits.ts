import { replaceEqualDeep } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { BlockView, EditSection } from '../api/schema'
import { isConflict, problemInWords } from '../api/problems'
import { laidOver, useAskForDraft, useBlockDraft, useKeepEdits } from './useBlock'
import { say } from './said'
import { type LeftEdits, placeOf, read, useLeftEdits } from './useLeftEdits'

/** Edits with what was undone and can be done again. */
export interface History {
  past: readonly (readonly EditSection[])[]
  now: readonly EditSection[]
  future: readonly (readonly EditSection[])[]
}

/** As kept in this tab, beside the edits that the version had already. */
export interface Stored {
  base: readonly EditSection[]
  history: History
}

const fresh = (kept: BlockView): History => ({ past: [], now: kept.edits, future: [] })

/** What can be done with edits; the same object as long as the block is, so that what it is handed to need not be drawn again. */
export interface EditActs {
  push: (...edits: EditSection[]) => void
  undo: () => void
  redo: () => void
  /** Makes the edits a version. */
  keep: () => void
  /** Goes back to the version as kept; this can be undone. */
  drop: () => void
}

/**
 * The coach's edits of a block: tried on the server at every step, undone and redone without limit, kept in this tab until they are
 * saved.
 */
export interface BlockEdits {
  view: BlockView
  edits: readonly EditSection[]
  dirty: boolean
  /** What is wrong with the newest edit, or why saving failed. */
  problem: string | null
  working: boolean
  canUndo: boolean
  canRedo: boolean
  acts: EditActs
  /** Edits of an older version that were not kept when this one was made elsewhere. */
  left: LeftEdits | null
}

const withNow = (at: History, now: readonly EditSection[]): History => ({ past: [...at.past, at.now], now, future: [] })

export function useBlockEdits(clientId: string, kept: BlockView): BlockEdits {
  const place = placeOf(clientId, kept.number)
  const { start, ...left } = useLeftEdits(clientId, kept)
  const [history, setHistory] = useState<History>(() => {
    const typed = read(place)
    if (typed) return typed.history
    return start.length > kept.edits.length ? withNow(fresh(kept), start) : fresh(kept)
  })
  // Several edits of one turn build on each other, before the page is drawn again.
  const current = useRef(history)
  const dirty = JSON.stringify(history.now) !== JSON.stringify(kept.edits)
  useEffect(() => {
    if (dirty || history.future.length > 0) sessionStorage.setItem(place, JSON.stringify({ base: kept.edits, history } satisfies Stored))
    else sessionStorage.removeItem(place)
  }, [place, history, dirty, kept.edits])
  const ask = useAskForDraft(clientId, kept.number)
  const draft = useBlockDraft(clientId, kept.number, dirty ? history.now : null)
  const keep = useKeepEdits(clientId, kept.number)
  const save = keep.mutate
  const last = useRef(kept)
  // What an edit leaves alone stays the same object, so that only what changed is drawn again.
  const next = dirty ? (draft.state === 'ready' ? laidOver(kept, draft.data) : last.current) : kept
  last.current = replaceEqualDeep(last.current, next)
  const acts = useMemo<EditActs>(() => {
    const turn = (to: History) => {
      current.current = to
      if (to.now !== kept.edits) ask(to.now)
      setHistory(to)
    }
    return {
      push: (...edits) => turn(withNow(current.current, [...current.current.now, ...edits])),
      undo: () => {
        const at = current.current
        const before = at.past.at(-1)
        if (!before) return
        turn({ past: at.past.slice(0, -1), now: before, future: [at.now, ...at.future] })
        say('Undone.')
      },
      redo: () => {
        const at = current.current
        const [next, ...later] = at.future
        if (!next) return
        turn({ past: [...at.past, at.now], now: next, future: later })
        say('Done again.')
      },
      keep: () =>
        save(current.current.now, {
          onSuccess: () => {
            sessionStorage.removeItem(place)
            say('Kept as a version of its own.')
          },
        }),
      drop: () => {
        turn(withNow(current.current, kept.edits))
        say('Back to the version as it was kept.')
      },
    }
  }, [ask, kept.edits, place, save])
  return {
    view: last.current,
    edits: history.now,
    dirty,
    problem: dirty && draft.state === 'failed' ? draft.message : keep.error && !isConflict(keep.error) ? problemInWords(keep.error) : null,
    working: dirty && draft.state === 'loading',
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    acts,
    left: left.edits && {
      number: left.edits.number,
      own: left.edits.own,
      layOver: () => {
        if (left.edits) acts.push(...left.edits.own)
        left.forget()
      },
      keepMine: left.keepMine,
      leave: left.forget,
    },
  }
}
