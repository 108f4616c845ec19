import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { FloorView } from '../../api/schema'
import { useModel } from '../../hooks/useModel'
import { listed } from '../../text/sentence'
import { BigKey } from './BigKey'
import type { FloorColors } from './floor-theme'
import { secondsLeft, type Turn } from './session'
import { Stepper } from './Stepper'

interface Props {
  view: FloorView
  left: readonly Turn[]
  onLeaveOut: (exercises: readonly string[]) => void
  colors: FloorColors
}

const step = 5

/** How much is left and how long it takes; with less time, what to leave out is shown before it is taken. Core in the page answers. */
export function TimeShort({ view, left, onLeaveOut, colors }: Props) {
  const [minutes, setMinutes] = useState<number | null>(null)
  const { model } = useModel()
  const about = (turns: readonly Turn[]) => Math.ceil(secondsLeft(view, turns) / 60)
  if (left.length === 0) return null
  const parts = view.items.map(({ role, answers }, at) => ({
    role,
    answers,
    seconds: secondsLeft(
      view,
      left.filter(({ item }) => item === at),
    ),
  }))
  const out = minutes === null || !model ? [] : model.timeShort({ left: parts, minutes })
  const stays = left.filter(({ item }) => !out.includes(item))
  const names = out.map((at) => view.items[at]?.name ?? '')
  return (
    <>
      <Flex align="center" gap={3} wrap="wrap">
        <Box>
          {left.length} {left.length === 1 ? 'set' : 'sets'} left, about {about(left)} min
        </Box>
        {model && (
          <chakra.button
            type="button"
            aria-expanded={minutes !== null}
            onClick={() => setMinutes(minutes === null ? Math.max(step, step * Math.floor(about(left) / step) - step) : null)}
            minH="target"
            px={2}
            textDecoration="underline"
          >
            {minutes === null ? 'Less time?' : 'Keep all of it'}
          </chakra.button>
        )}
      </Flex>
      {minutes !== null && (
        <Grid gap={2} my={2} order={1} flexBasis="100%" color={colors.ink}>
          <Stepper
            label="Minutes there are"
            value={String(minutes)}
            onLess={() => setMinutes(Math.max(step, minutes - step))}
            onMore={() => setMinutes(minutes + step)}
            colors={colors}
          />
          <Box role="status">
            {out.length === 0
              ? about(left) <= minutes
                ? 'All of it fits.'
                : `Nothing more can fall away: about ${about(left)} min are left.`
              : `Leave out ${listed(names)}. Then ${about(stays) > minutes ? 'even so ' : ''}about ${about(stays)} min are left.`}
          </Box>
          {out.length > 0 && (
            <BigKey
              onPress={() => {
                onLeaveOut(out.flatMap((at) => view.items[at]?.exercise ?? []))
                setMinutes(null)
              }}
              colors={colors}
            >
              Leave {out.length === 1 ? 'it' : 'them'} out
            </BigKey>
          )}
        </Grid>
      )}
    </>
  )
}
