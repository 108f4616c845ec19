import { useState } from 'react'

const place = 'nerezza.floor.sound'
let context: AudioContext | null = null

/** A short tone, and a shake where the device has one. */
export function signal(hertz: number, seconds: number, shakeMs: number): void {
  try {
    context ??= new AudioContext()
    const [tone, volume] = [context.createOscillator(), context.createGain()]
    tone.frequency.value = hertz
    volume.gain.setValueAtTime(0.3, context.currentTime)
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + seconds)
    tone.connect(volume).connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + seconds)
  } catch {
    // A device without sound: what is seen says the same.
  }
  if (shakeMs > 0) navigator.vibrate?.(shakeMs)
}

/** Whether this device sounds and shakes; it does not until someone says so. */
export function useSound(): { on: boolean; toggle: () => void } {
  const [on, setOn] = useState(() => localStorage.getItem(place) === 'on')
  return {
    on,
    toggle: () => {
      localStorage.setItem(place, on ? 'off' : 'on')
      setOn(!on)
      // A first tone at the touch: browsers let a page sound only after one.
      if (!on) signal(660, 0.15, 60)
    },
  }
}
