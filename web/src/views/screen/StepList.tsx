import { Box, chakra, Flex } from '@chakra-ui/react'
import type { StepView } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { type ScreenDraft, type StepState, stepState } from './answers'

interface Props {
  steps: readonly StepView[]
  draft: ScreenDraft
  at: string
  lifts: string
  onOpen: (step: string) => void
}

/** The walk, with how far each step is; any step can be skipped and come back to. */
export function StepList({ steps, draft, at, lifts, onOpen }: Props) {
  const onKey = useListKeys('button')
  return (
    <Flex
      as="nav"
      aria-label="Steps of the screen"
      position="relative"
      direction={{ base: 'row', md: 'column' }}
      w={{ md: '196px' }}
      flexShrink={0}
      overflow="auto"
      borderRight={{ md: '1px solid' }}
      borderBottom={{ base: '1px solid', md: 'none' }}
      borderColor={{ base: 'hair', md: 'hair' }}
      onKeyDown={onKey}
    >
      {steps.map((step) => (
        <Row key={step.id} name={step.name} state={stepState(step, draft.screen)} open={step.id === at} onOpen={() => onOpen(step.id)} />
      ))}
      <Row name="Faults in the lifts" state={draft.faults.length > 0 ? 'done' : 'empty'} open={at === lifts} onOpen={() => onOpen(lifts)} />
    </Flex>
  )
}

const spoken: Record<StepState, string> = { done: 'done', begun: 'begun', empty: 'not done' }

function Row({ name, state, open, onOpen }: { name: string; state: StepState; open: boolean; onOpen: () => void }) {
  return (
    <chakra.button
      type="button"
      onClick={onOpen}
      aria-current={open ? 'step' : undefined}
      display="flex"
      alignItems="center"
      gap={2.5}
      px={4}
      minH="target"
      flexShrink={0}
      textAlign="left"
      whiteSpace={{ base: 'nowrap', md: 'normal' }}
      borderBottom={{ md: '1px solid' }}
      borderColor={{ md: 'hair' }}
      bg={open ? 'ink' : undefined}
      color={open ? 'ground' : 'ink'}
      fontWeight={open ? 'strong' : 'medium'}
      _hover={{ bg: open ? 'ink' : 'plate' }}
    >
      <Box
        aria-hidden
        w="11px"
        h="11px"
        flexShrink={0}
        border="1.5px solid"
        borderColor="currentcolor"
        bg={state === 'done' ? 'currentcolor' : 'transparent'}
        position="relative"
        _after={
          state === 'begun'
            ? { content: '""', position: 'absolute', inset: 0, bg: 'currentcolor', clipPath: 'polygon(0 0, 100% 0, 0 100%)' }
            : undefined
        }
      />
      {name}
      <chakra.span srOnly>, {spoken[state]}</chakra.span>
    </chakra.button>
  )
}
