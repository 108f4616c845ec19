import { chakra, Flex } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { TextLink } from '../../ui/TextLink'
import { type FloorColors, floorColors, useFloorTheme } from './floor-theme'

/** The light that a part of the floor is drawn in. */
export interface FloorLight {
  colors: FloorColors
  bright: boolean
}

interface Props {
  /** Where one comes from. */
  back: { to: string; label: string }
  title: string
  /** Beside the key for the light. */
  actions?: ReactNode
  children: (light: FloorLight) => ReactNode
}

/** A page of the floor: dark or bright, with the way back and its title above. */
export function FloorPage({ back, title, actions, children }: Props) {
  const { bright, toggle } = useFloorTheme()
  const colors = floorColors(bright)
  return (
    <Flex direction="column" minH="100%" bg={colors.bg} color={colors.ink} textStyle="title">
      <Flex
        as="header"
        align="center"
        justify="space-between"
        px={4}
        minH="hand"
        borderBottom="1px solid"
        borderColor={colors.hair}
        gap={3}
      >
        <TextLink to={back.to} minH="target" display="flex" alignItems="center">
          {back.label}
        </TextLink>
        <chakra.h1 fontWeight="strong" truncate>
          {title}
        </chakra.h1>
        <Flex gap={3}>
          {actions}
          <chakra.button type="button" onClick={toggle} minH="target" px={2} aria-pressed={bright}>
            {bright ? 'Dark' : 'Bright'}
          </chakra.button>
        </Flex>
      </Flex>
      <Flex as="main" direction="column" flex="1">
        {children({ colors, bright })}
      </Flex>
    </Flex>
  )
}
