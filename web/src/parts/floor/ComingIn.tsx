import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useMemo, useRef } from 'react'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import type { FloorView, PainRegion, ReadinessSection } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { words } from '../../text/codes'
import { BigKey } from './BigKey'
import type { FloorColors } from './floor-theme'
import { Stepper } from './Stepper'
import type { Today } from './useComingIn'

interface Props extends Pick<Today, 'preview' | 'failed'> {
  view: FloorView
  /** What was said before. */
  said: ReadinessSection | undefined
  /** With the answers, and whether the session goes by them. */
  onStart: (answers: ReadinessSection, taken: boolean) => void
  /** Opens the session without an answer: nothing is noted. */
  onLook: () => void
  colors: FloorColors
}

/** What is put down before the first set. */
interface Answers {
  sleepHours: number | null
  soreness: Record<string, number>
  pain: Record<string, number>
  minutes: number | null
}

const nothing: Answers = { sleepHours: null, soreness: {}, pain: {}, minutes: null }
const usualSleep = 7
const step = 5
/** The score that a region begins with when it is named; it is put right with its keys. */
const painNamed = 3
const most = {
  sore: limits.readinessSection.soreness.most,
  sleep: limits.readinessSection.sleepHours.most,
  pain: limits.painNowSection.score.most,
}

/** Before the first set, ten seconds: how the client comes in. What it changes is shown before it is taken. */
export function ComingIn({ view, said: before, preview, failed, onStart, onLook, colors }: Props) {
  const draft = useDraft<Answers>(`floor.coming.${view.clientId}.${view.date}`, before ? fromSection(before) : nothing)
  const said = draft.value
  const answers = useMemo(() => toSection(said), [said])
  const changes = useMemo(() => preview(answers), [preview, answers])
  const muscles = [...new Set(view.items.flatMap((item) => item.ready.trains))]
  const keys = useRef<HTMLDivElement>(null)
  // Who changes nothing starts with Enter.
  useEffect(() => keys.current?.querySelector('button')?.focus({ preventScroll: true }), [])
  const start = (taken: boolean) => {
    onStart(answers, taken)
    draft.reset()
    scrollTo({ top: 0 })
  }
  const asked = { said, set: draft.set, colors }
  return (
    <Box as="section" aria-label="Before the first set" maxW="820px" w="100%" mx="auto" px={4} pt={3} pb={5}>
      <chakra.h2 textStyle="head" fontWeight="strong">
        Before the first set
      </chakra.h2>
      <Box color={colors.quiet} mb={3}>
        Tap what is not as usual, then start.
      </Box>
      <SleepAndTime {...asked} minutes={view.session?.minutes ?? 60} />
      <Group title="Sore? A tap is one more, up to 3.">
        {muscles.map((muscle) => (
          <BigKey
            key={muscle}
            pressed={(said.soreness[muscle] ?? 0) > 0}
            onPress={() => draft.set({ soreness: { ...said.soreness, [muscle]: ((said.soreness[muscle] ?? 0) + 1) % (most.sore + 1) } })}
            colors={colors}
          >
            {words(muscle)}
            {said.soreness[muscle] ? ` ${said.soreness[muscle]}` : ''}
          </BigKey>
        ))}
      </Group>
      <PainNow {...asked} />
      {Object.keys(said.pain).length > 0 && (
        <Box color={colors.quiet} mt={2}>
          {view.caution}
        </Box>
      )}
      <Box role="status" mt={4}>
        {changes === null
          ? failed
            ? 'What changes cannot be worked out on this device now. Start as planned, and let the sets decide.'
            : ''
          : changes.length === 0
            ? 'The session stands as planned.'
            : changes.map(({ name, text }) => (
                <Box key={name} mb={1}>
                  <chakra.span fontWeight="semibold">{name}.</chakra.span> {text}
                </Box>
              ))}
      </Box>
      <Grid ref={keys} mt={3} gap={2}>
        <BigKey filled="filled" onPress={() => start(true)} colors={colors}>
          {changes?.length ? 'Take the changes and start' : 'Start'}
        </BigKey>
        {!!changes?.length && (
          <BigKey onPress={() => start(false)} colors={colors}>
            Start as planned
          </BigKey>
        )}
        <chakra.button type="button" onClick={onLook} minH="target" color={colors.quiet} textDecoration="underline">
          Only look at the session
        </chakra.button>
      </Grid>
    </Box>
  )
}

interface Asked {
  said: Answers
  set: (change: Partial<Answers>) => void
  colors: FloorColors
}

function SleepAndTime({ said, set, minutes, colors }: Asked & { minutes: number }) {
  const slept = (by: number) =>
    set({ sleepHours: said.sleepHours === null ? usualSleep + by : Math.min(most.sleep, Math.max(0, said.sleepHours + by)) })
  const there = (by: number) => set({ minutes: Math.max(step, (said.minutes ?? minutes) + by) })
  return (
    <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap={2}>
      <Stepper
        label="Hours slept"
        value={said.sleepHours === null ? 'usual' : String(said.sleepHours)}
        onLess={() => slept(-1)}
        onMore={() => slept(1)}
        colors={colors}
      />
      <Stepper
        label="Minutes there are"
        value={String(said.minutes ?? minutes)}
        onLess={() => there(-step)}
        onMore={() => there(step)}
        colors={colors}
      />
    </Grid>
  )
}

function PainNow({ said, set, colors }: Asked) {
  const score = (region: PainRegion, value: number | null) => {
    const others = Object.fromEntries(Object.entries(said.pain).filter(([other]) => other !== region))
    set({ pain: value === null ? others : { ...others, [region]: value } })
  }
  return (
    <>
      <Group title="Pain now?">
        {codes.painRegion.map((region) => (
          <BigKey
            key={region}
            pressed={region in said.pain}
            onPress={() => score(region, region in said.pain ? null : painNamed)}
            colors={colors}
          >
            {words(region)}
          </BigKey>
        ))}
      </Group>
      <Grid gap={2} mt={2} templateColumns={{ base: '1fr', md: '1fr 1fr' }}>
        {codes.painRegion
          .filter((region) => region in said.pain)
          .map((region) => (
            <Stepper
              key={region}
              label={`${words(region)}, 0 to 10`}
              value={String(said.pain[region])}
              onLess={() => score(region, Math.max(0, (said.pain[region] ?? 0) - 1))}
              onMore={() => score(region, Math.min(most.pain, (said.pain[region] ?? 0) + 1))}
              colors={colors}
            />
          ))}
      </Grid>
    </>
  )
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box mt={3} role="group" aria-label={title}>
      <Box mb={1}>{title}</Box>
      <Flex gap={2} wrap="wrap">
        {children}
      </Flex>
    </Box>
  )
}

const toSection = (said: Answers): ReadinessSection => ({
  sleepHours: said.sleepHours,
  soreness: Object.fromEntries(Object.entries(said.soreness).filter(([, score]) => score > 0)),
  pain: codes.painRegion.flatMap((region) => (region in said.pain ? [{ region, score: said.pain[region] ?? 0 }] : [])),
  minutes: said.minutes,
})

const fromSection = ({ sleepHours, soreness, pain, minutes }: ReadinessSection): Answers => ({
  sleepHours: sleepHours ?? null,
  soreness: { ...soreness },
  pain: Object.fromEntries((pain ?? []).map(({ region, score }) => [region, score])),
  minutes: minutes ?? null,
})
