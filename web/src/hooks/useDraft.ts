import { useCallback, useEffect, useState } from 'react'
import { currentUnits } from '../text/numbers'

export interface Draft<T> {
  value: T
  set: (change: Partial<T>) => void
  dirty: boolean
  /** Takes what the server has, and forgets what was typed. */
  reset: () => void
}

/** What is being typed, kept in this tab until it is saved: leaving the page or a failed save loses nothing. */
export function useDraft<T extends object>(key: string, saved: T): Draft<T> {
  const place = `nerezza.draft.${currentUnits()}.${key}`
  const [typed, setTyped] = useState<T | null>(() => {
    const kept = sessionStorage.getItem(place)
    return kept ? (JSON.parse(kept) as T) : null
  })
  useEffect(() => {
    if (typed) sessionStorage.setItem(place, JSON.stringify(typed))
    else sessionStorage.removeItem(place)
  }, [place, typed])
  const set = useCallback((change: Partial<T>) => setTyped((before) => ({ ...(before ?? saved), ...change })), [saved])
  // Also where it is called after the form is gone.
  const reset = useCallback(() => {
    sessionStorage.removeItem(place)
    setTyped(null)
  }, [place])
  const value = typed ?? saved
  return { value, set, dirty: typed !== null && JSON.stringify(typed) !== JSON.stringify(saved), reset }
}
