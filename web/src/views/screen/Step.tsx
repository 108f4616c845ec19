import { Box, chakra, Grid } from '@chakra-ui/react'
import type { AskView, ScreenSection, StepView } from '../../api/schema'
import { Toggle } from '../../ui/form'
import { BigNumber, Keys } from '../../ui/Keys'
import { answerAt, keysOf, numberAt, sidesAt, withAnswer } from './answers'
import { Beat } from './Beat'

interface StepProps {
  step: StepView
  screen: ScreenSection
  onScreen: (screen: ScreenSection) => void
}

/** One test: how it is done, what to look at, what counts, and its answers. */
export function Step({ step, screen, onScreen }: StepProps) {
  const helps = step.asks.some(({ ask }) => ask.tool === 'beat')
  return (
    <>
      <chakra.dl maxW="64ch" mb={5} textStyle="plain">
        <Told term="How">{step.how}</Told>
        <Told term="Look at">{step.look}</Told>
        <Told term="What counts">{step.counts}</Told>
      </chakra.dl>
      {helps && <Beat />}
      <Grid
        gap={5}
        templateColumns={{ base: '1fr', xl: step.asks.length > 4 ? '1fr 1fr' : '1fr' }}
        maxW={step.asks.length > 4 ? '1000px' : '640px'}
      >
        {step.asks.map((ask) => (
          <Ask key={ask.ask.path} view={ask} screen={screen} set={(value) => onScreen(withAnswer(screen, ask.ask.path, value))} />
        ))}
      </Grid>
    </>
  )
}

function Told({ term, children }: { term: string; children: string }) {
  return (
    <Box mb={1.5}>
      <chakra.dt display="inline" fontWeight="strong">
        {term}:{' '}
      </chakra.dt>
      <chakra.dd display="inline" color="quiet">
        {children}
      </chakra.dd>
    </Box>
  )
}

function Ask({ view, screen, set }: { view: AskView; screen: ScreenSection; set: (value: unknown) => void }) {
  const { ask } = view
  if (ask.kind === 'sides') {
    const sides = sidesAt(screen, ask.path)
    return (
      <Grid role="group" aria-label={ask.name} templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap={5}>
        <BigNumber
          label={`${ask.name}, left`}
          unit={ask.unit ?? ''}
          keys={keysOf(view)}
          fine={ask.fine ?? 1}
          most={ask.most}
          whole={ask.whole}
          value={sides?.left}
          onValue={(left) => set({ left, right: sides?.right ?? null })}
        />
        <BigNumber
          label={`${ask.name}, right`}
          unit={ask.unit ?? ''}
          keys={keysOf(view)}
          fine={ask.fine ?? 1}
          most={ask.most}
          whole={ask.whole}
          value={sides?.right}
          onValue={(right) => set({ left: sides?.left ?? null, right })}
        />
      </Grid>
    )
  }
  if (ask.kind === 'number')
    return (
      <BigNumber
        label={ask.name}
        unit={ask.unit ?? ''}
        keys={keysOf(view)}
        fine={ask.fine ?? 1}
        most={ask.most}
        whole={ask.whole}
        value={numberAt(screen, ask.path)}
        onValue={set}
        hint={ask.onlyIfSeen ?? undefined}
      />
    )
  if (ask.kind === 'several') return <Several view={view} chosen={answerAt(screen, ask.path) as string[] | null | undefined} set={set} />
  const choices =
    ask.kind === 'truth'
      ? [
          { value: true, label: ask.yes ?? 'Yes' },
          { value: false, label: ask.no ?? 'No' },
        ]
      : Object.entries(ask.options ?? {}).map(([value, label]) => ({ value, label }))
  return (
    <Box>
      <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
        {ask.name}
      </Box>
      <Keys
        label={ask.name}
        choices={choices as { value: string | boolean; label: string }[]}
        chosen={answerAt(screen, ask.path) as string | boolean | null | undefined}
        onChoose={set}
      />
    </Box>
  )
}

/** Any of some, or none: an empty list is an answer, nothing is not. */
function Several({ view: { ask }, chosen, set }: { view: AskView; chosen: string[] | null | undefined; set: (value: unknown) => void }) {
  const toggled = (code: string) => {
    const now = chosen ?? []
    return now.includes(code) ? now.filter((other) => other !== code) : [...now, code]
  }
  return (
    <Box>
      <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
        {ask.name}
      </Box>
      <Grid role="group" aria-label={ask.name} templateColumns="repeat(auto-fill, minmax(132px, 1fr))" gap={2}>
        <Toggle on={chosen?.length === 0} minH="hand" textStyle="entry" onClick={() => set(chosen?.length === 0 ? null : [])}>
          {ask.none}
        </Toggle>
        {Object.entries(ask.options ?? {}).map(([code, label]) => (
          <Toggle key={code} on={chosen?.includes(code) ?? false} minH="hand" textStyle="entry" onClick={() => set(toggled(code))}>
            {label}
          </Toggle>
        ))}
      </Grid>
    </Box>
  )
}
