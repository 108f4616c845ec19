import { useEffect, useState } from 'react'
import { Workbox } from 'workbox-window'

const askAgainMs = 60 * 60 * 1000

/**
 * Registers the service worker that keeps the application on this device. A newer version waits until it is taken; what is at hand goes
 * on with the one it was opened with. Null while there is none.
 */
export function useNewVersion(): (() => void) | null {
  const [take, setTake] = useState<(() => void) | null>(null)
  useEffect(() => {
    // Not from the development server, nor where the browser allows none, as without https.
    if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
    const worker = new Workbox('/sw.js')
    worker.addEventListener('waiting', () =>
      setTake(() => () => {
        worker.addEventListener('controlling', () => location.reload())
        worker.messageSkipWaiting()
      }),
    )
    void worker.register().catch(() => undefined)
    const timer = setInterval(() => void worker.update().catch(() => undefined), askAgainMs)
    return () => clearInterval(timer)
  }, [])
  return take
}
