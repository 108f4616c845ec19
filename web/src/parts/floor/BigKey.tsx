import { chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { KeyId } from '../../keys/registry'
import { keyHint } from '../../keys/registry'
import type { FloorColors } from './floor-theme'

interface Props {
  children: ReactNode
  onPress: () => void
  colors: FloorColors
  /** What is meant to be pressed stands filled. */
  filled?: 'filled'
  pressed?: boolean
  keyId?: KeyId
}

/** A key for one hand with chalk on it. */
export function BigKey({ children, onPress, colors, filled, pressed, keyId }: Props) {
  const dark = filled || pressed
  return (
    <chakra.button
      type="button"
      aria-pressed={pressed}
      onClick={onPress}
      minH="64px"
      minW={0}
      px={3}
      border="1px solid"
      borderColor={dark ? colors.ink : colors.hair}
      bg={dark ? colors.ink : 'transparent'}
      color={dark ? colors.bg : colors.ink}
      textStyle="title"
      fontWeight="bold"
      _hover={dark ? undefined : { bg: colors.press }}
      _active={{ opacity: 0.8 }}
      {...(keyId ? keyHint(keyId) : {})}
    >
      {children}
    </chakra.button>
  )
}
