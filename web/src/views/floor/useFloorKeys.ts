import type { KeyboardEvent as ReactKeyboardEvent } from 'react'
import { useKeys } from '../../keys/useKeys'

/** Digits log at that RPE; Enter without a rating; arrows change load and repetitions: bind what is given back to the set at hand, so
 * that a key pressed elsewhere logs nothing. */
export function useFloorKeys(keys: {
  log: (rpe: number | null) => Promise<void>
  step: (direction: 1 | -1) => void
  reps: (by: number) => void
}): (event: ReactKeyboardEvent<HTMLElement>) => void {
  // A key that is held down logs one set.
  const once = (act: (event: KeyboardEvent) => void) => (event: KeyboardEvent) => (event.repeat ? false : act(event))
  return useKeys({
    logAtRpe: once((event) => void keys.log(event.key === '0' ? 10 : Number(event.key))),
    logUnrated: (event) => {
      const pressed = event.target instanceof HTMLElement && ['BUTTON', 'A'].includes(event.target.tagName)
      if (pressed || event.repeat) return false
      void keys.log(null)
    },
    heavier: once(() => keys.step(1)),
    lighter: once(() => keys.step(-1)),
    moreReps: once(() => keys.reps(1)),
    fewerReps: once(() => keys.reps(-1)),
  })
}
