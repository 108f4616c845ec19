import type { KeyboardEvent as ReactKeyboardEvent } from 'react'
import { useKeys } from '../../keys/useKeys'

/** What the keys of the set at hand do; one that is left out does nothing. */
export interface FloorKeys {
  digit?: (digit: number) => void
  yes?: () => void
  no?: () => void
  clock?: () => void
  step?: (direction: 1 | -1) => void
  count?: (direction: 1 | -1) => void
}

/** Keys of the set at hand: bind what is given back to it, so that a key pressed elsewhere logs nothing. */
export function useFloorKeys(keys: FloorKeys): (event: ReactKeyboardEvent<HTMLElement>) => void {
  // A key that is held down logs one set.
  const once = (act: (event: KeyboardEvent) => unknown) => (event: KeyboardEvent) => (event.repeat ? false : act(event))
  const onButton = (event: KeyboardEvent) => event.target instanceof HTMLElement && ['BUTTON', 'A'].includes(event.target.tagName)
  return useKeys({
    logAtRpe: once((event) => keys.digit?.(Number(event.key))),
    logUnrated: once((event) => (onButton(event) ? false : keys.yes?.())),
    floorNo: once(() => keys.no?.()),
    floorClock: once((event) => (onButton(event) ? false : keys.clock?.())),
    heavier: once(() => keys.step?.(1)),
    lighter: once(() => keys.step?.(-1)),
    moreReps: once(() => keys.count?.(1)),
    fewerReps: once(() => keys.count?.(-1)),
  })
}
