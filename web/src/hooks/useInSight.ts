import { type RefObject, useEffect } from 'react'

/** A line of steps may be wider than the screen: where one is comes into sight, when it is drawn and each time it moves on. */
export function useInSight(line: RefObject<HTMLElement | null>, at: unknown): void {
  useEffect(() => {
    line.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [line, at])
}
