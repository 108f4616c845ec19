import { useSyncExternalStore } from 'react'

let last = ''
const listeners = new Set<() => void>()

/** Says to who does not see the page what an act did. Said twice it is heard twice. */
export function say(what: string): void {
  // The same words are a change only where something about them changes.
  last = what === last ? `${what}\u00A0` : what
  for (const hear of listeners) hear()
}

/** What was said last. */
export const useSaid = (): string =>
  useSyncExternalStore(
    (hear) => {
      listeners.add(hear)
      return () => listeners.delete(hear)
    },
    () => last,
  )
