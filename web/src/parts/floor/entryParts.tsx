import { chakra, Flex } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { limits } from '../../api/limits'
import type { FloorItem, FloorSet } from '../../api/schema'
import { kgOf, mass, massWord, plain } from '../../text/numbers'
import { BigKey } from './BigKey'
import type { Entry, Said } from './entry'
import type { FloorColors } from './floor-theme'
import { stepLoad } from './session'
import { Stepper } from './Stepper'

export interface EntryProps {
  item: FloorItem
  set: FloorSet
  entry: Entry
  onEntry: (change: Partial<Entry>) => void
  onLog: (said: Said) => void
  onTarget: () => void
  colors: FloorColors
}

const between = (value: number, { least, most }: { least: number; most: number }) => Math.min(most, Math.max(least, value))

/** Steppers side by side, below each other where it is narrow. */
export function Pair({ children }: { children: ReactNode }) {
  return (
    <Flex wrap="wrap" gap={2} mt={3} css={{ '& > *': { flex: '1 1 168px' } }}>
      {children}
    </Flex>
  )
}

/** The load, by what can be loaded, or typed. */
export function LoadStepper({ item, entry, onEntry, colors, label = 'Load' }: EntryProps & { label?: string }) {
  const step = (direction: 1 | -1) => onEntry({ kg: stepLoad(item.loads, entry.kg ?? 0, direction) })
  return (
    <Stepper
      label={label}
      value={entry.kg === null ? '' : mass(entry.kg)}
      onLess={() => step(-1)}
      onMore={() => step(1)}
      onTyped={(typed) => onEntry({ kg: typed === null ? null : between(kgOf(typed), limits.logSet.kg) })}
      unit={massWord()}
      colors={colors}
    />
  )
}

/** A whole number of something: repetitions, seconds, metres. */
export function Count({
  of,
  by = 1,
  label,
  entry,
  onEntry,
  colors,
}: EntryProps & { of: 'reps' | 'seconds' | 'metres' | 'heightCm'; by?: number; label: string }) {
  const step = (change: number) => onEntry({ [of]: between((entry[of] ?? 0) + change, limits.logSet[of]) })
  return (
    <Stepper
      label={label}
      value={entry[of] === null ? '' : plain(entry[of])}
      onLess={() => step(-by)}
      onMore={() => step(by)}
      onTyped={(typed) => onEntry({ [of]: typed === null ? null : between(typed, limits.logSet[of]) })}
      colors={colors}
    />
  )
}

/** The key that logs the set as it stands. */
export function DoneKey({ children, onPress, colors }: { children: ReactNode; onPress: () => void; colors: FloorColors }) {
  return (
    <chakra.div mt={2} display="grid">
      <BigKey filled="filled" onPress={onPress} colors={colors} keyId="logUnrated">
        {children}
      </BigKey>
    </chakra.div>
  )
}
