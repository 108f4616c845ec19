import { useEffect } from 'react'

/** Keeps the screen lit while a session is open, where the device allows it. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let here = true
    const take = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      navigator.wakeLock.request('screen').then(
        (got) => {
          if (here) lock = got
          else void got.release()
        },
        () => undefined,
      )
    }
    take()
    // It is let go whenever the page is put away.
    document.addEventListener('visibilitychange', take)
    return () => {
      here = false
      document.removeEventListener('visibilitychange', take)
      void lock?.release()
    }
  }, [])
}
