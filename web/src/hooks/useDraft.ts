import { useCallback, useEffect, useRef, useState } from 'react'
import { laidOver, same } from '../text/merge'

/** The version of what is saved; null where nothing is yet, or where nothing is versioned. */
export type Version = number | null

/** What someone else saved since typing began. */
export interface Newer<T> {
  /** What was saved when typing began. */
  base: T
  saved: T
  mine: T
  /** Takes the newer; what was typed since stays on top of it. */
  layOver: () => void
  /** Keeps all that stands in the form: the next save writes it over the newer. */
  keepMine: () => void
}

export interface Draft<T> {
  value: T
  set: (change: Partial<T>) => void
  dirty: boolean
  /** Takes what the server has, and forgets what was typed. */
  reset: () => void
  /** What was sent is saved; what was typed since then stays. */
  settle: (sent: T) => void
  /** Of what typing rests on: sent with a save, so that nothing is written over unseen. */
  version: Version
  newer: Newer<T> | null
}

interface Kept<T> {
  typed: T
  base: T
  version: Version
}

const placeOf = (key: string) => `nerezza.draft.${key}`

/** What is typed under a key in this tab; null where nothing is. */
export function keptDraft<T>(key: string): T | null {
  const there = sessionStorage.getItem(placeOf(key))
  return there ? (JSON.parse(there) as Kept<T>).typed : null
}

/**
 * What is being typed, kept in this tab until it is saved: leaving the page, a failed save or someone else's change loses nothing.
 * Kept in kilograms and centimetres, whatever unit is shown.
 */
export function useDraft<T extends object>(key: string, saved: T, version: Version = null): Draft<T> {
  const place = placeOf(key)
  const [kept, setKept] = useState<Kept<T> | null>(() => {
    const there = sessionStorage.getItem(place)
    return there ? (JSON.parse(there) as Kept<T>) : null
  })
  const newest = useRef({ saved, version })
  newest.current = { saved, version }
  useEffect(() => {
    if (kept) sessionStorage.setItem(place, JSON.stringify(kept))
    else sessionStorage.removeItem(place)
  }, [place, kept])
  const set = useCallback((change: Partial<T>) => {
    const { saved: base, version: on } = newest.current
    setKept((before) => ({ ...(before ?? { base, version: on }), typed: { ...(before?.typed ?? base), ...change } }))
  }, [])
  const on = useCallback((typed: (before: Kept<T>) => T) => {
    const { saved: base, version: now } = newest.current
    setKept((before) => before && { typed: typed(before), base, version: now })
  }, [])
  // Also where it is called after the form is gone.
  const reset = useCallback(() => {
    sessionStorage.removeItem(place)
    setKept(null)
  }, [place])
  const settle = useCallback(
    (sent: T) => {
      const there = sessionStorage.getItem(place)
      if (there && same((JSON.parse(there) as Kept<T>).typed, sent)) sessionStorage.removeItem(place)
      const { saved: base, version: now } = newest.current
      setKept((before) => (before && !same(before.typed, sent) ? { typed: before.typed, base, version: now } : null))
    },
    [place],
  )
  const value = kept?.typed ?? saved
  const isNewer = kept !== null && kept.version !== version && !same(kept.base, saved) && !same(kept.typed, saved)
  return {
    value,
    set,
    dirty: kept !== null && !same(kept.typed, saved),
    reset,
    settle,
    version: isNewer ? kept.version : version,
    newer: isNewer
      ? {
          base: kept.base,
          saved,
          mine: kept.typed,
          layOver: () => on((before) => laidOver(before.base, before.typed, newest.current.saved)),
          keepMine: () => on((before) => before.typed),
        }
      : null,
  }
}
