import { useSyncExternalStore } from 'react'

const kept = 'nerezza.keys'
const heard = new Set<() => void>()

/** Whether keys are on, on this device. Single letters can be in the way of speech input, so that all of them can be switched off. */
export const keysAreOn = (): boolean => localStorage.getItem(kept) !== 'off'

export function switchKeys(to: 'on' | 'off'): void {
  localStorage.setItem(kept, to)
  heard.forEach((tell) => tell())
}

export const useKeysOn = (): boolean =>
  useSyncExternalStore((tell) => {
    heard.add(tell)
    return () => heard.delete(tell)
  }, keysAreOn)
