import { useEffect, useState } from 'react'

const key = 'nerezza.floor'

/** The floor's own light: dark by habit, bright by a bright door; one tap, remembered on this device. */
export function useFloorTheme(): { bright: boolean; toggle: () => void } {
  const [bright, setBright] = useState(() => localStorage.getItem(key) === 'bright')
  useEffect(() => void localStorage.setItem(key, bright ? 'bright' : 'dark'), [bright])
  return { bright, toggle: () => setBright(!bright) }
}

export interface FloorColors {
  bg: string
  ink: string
  quiet: string
  hair: string
  press: string
  stop: string
}

export const floorColors = (bright: boolean): FloorColors =>
  bright
    ? { bg: '#f7f8f9', ink: '#0e1214', quiet: '#444f56', hair: '#8d979e', press: '#dde2e5', stop: '#b3261e' }
    : { bg: '#0c1013', ink: '#f2f5f7', quiet: '#a9b5bd', hair: '#4a555d', press: '#262e34', stop: '#ff8a80' }
