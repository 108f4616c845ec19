import type { Me, OpenPractice } from '../api/schema'
import type { Units } from '../text/numbers'
import type { Theme } from './theme-choice'

/** What every frame is given. */
export interface Frame {
  me: Me
  account: string
  open: OpenPractice
  theme: Theme
  onTheme: (theme: Theme) => void
  units: Units
  onUnits: (units: Units) => void
  /** Takes the newer version that waits; null while there is none. */
  takeNewVersion: (() => void) | null
}
