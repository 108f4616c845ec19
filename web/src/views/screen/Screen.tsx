import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { ProtocolView, ScreensView } from '../../api/schema'
import { useCatalogue } from '../../hooks/useClients'
import { useDraft } from '../../hooks/useDraft'
import { useProtocol, useSaveScreen, useScreens } from '../../hooks/useScreens'
import { shortDate, today } from '../../text/dates'
import { Conflict } from '../../parts/Conflict'
import { isConflict, problemInWords } from '../../api/problems'
import { Plain, Primary } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { draftOf, type ScreenDraft } from './answers'
import { Faults } from './Faults'
import { ScreenPanel } from './ScreenPanel'
import { Step } from './Step'
import { StepList } from './StepList'
import { TextLink } from '../../ui/TextLink'

const lifts = 'lifts'

/** The screen: a walk beside the client, one test at a time, then the faults seen in the lifts. */
export function Screen() {
  const { id = '' } = useParams()
  const screens = useScreens(id)
  const protocol = useProtocol()
  if (screens.state === 'failed') return <Failed message={screens.message} retry={screens.retry} />
  if (protocol.state === 'failed') return <Failed message={protocol.message} retry={protocol.retry} />
  if (screens.state === 'loading' || protocol.state === 'loading') return <Loading label="Fetching the screen" rows={8} />
  return <ScreenPage key={id} clientId={id} view={screens.data} protocol={protocol.data} />
}

/** Whether the walk has such a step: an address may ask for one. */
const isPlace = (protocol: ProtocolView, at: string) => at === lifts || protocol.steps.some((step) => step.id === at)

function ScreenPage({ clientId, view, protocol }: { clientId: string; view: ScreensView; protocol: ProtocolView }) {
  const [date] = useState(today)
  const kept = view.kept.find((screen) => screen.date === date)
  const before = view.kept.find((screen) => screen.date < date)
  const draft = useDraft<ScreenDraft>(`${clientId}.screen.${date}`, draftOf(kept), kept?.version ?? null)
  const save = useSaveScreen(clientId, date)
  const catalogue = useCatalogue()
  const [params] = useSearchParams()
  const asked = params.get('at')
  const [at, setAt] = useState(asked !== null && isPlace(protocol, asked) ? asked : (protocol.steps[0]?.id ?? lifts))
  const heading = useRef<HTMLHeadingElement>(null)
  const places = [...protocol.steps.map((step) => step.id), lifts]
  const step = protocol.steps.find((candidate) => candidate.id === at)
  const next = places[places.indexOf(at) + 1]
  const moved = useRef(false)
  useEffect(() => {
    if (moved.current) heading.current?.focus()
    moved.current = true
  }, [at])
  const onSave = () =>
    save.mutate(
      { screen: draft.value.screen, faults: draft.value.faults, version: draft.version },
      { onSuccess: () => draft.settle(draft.value) },
    )
  const problem = isConflict(save.error) ? null : save.error
  const change = (part: Partial<ScreenDraft>) => {
    save.reset()
    draft.set(part)
  }
  return (
    <Flex direction="column" h="100%" minH={0}>
      <Flex px={5} minH="52px" align="center" gap={4} borderBottom="1px solid" borderColor="hair" wrap="wrap" py={1.5}>
        <chakra.h1 textStyle="lead" fontWeight="strong">
          Screen, {shortDate(date)}
        </chakra.h1>
        <Box color="quiet" textStyle="note">
          {before ? `last time ${shortDate(before.date)}; what is not tested again stands as it was then` : 'the first of this client'}
        </Box>
        <Flex ml="auto" gap={3} align="center">
          <Box role="status" color={problem ? 'stop' : 'quiet'} fontWeight={problem ? 'semibold' : 'normal'} textStyle="note">
            {problem ? problemInWords(problem) : draft.dirty ? 'Not saved yet, kept on this device' : save.isSuccess ? 'Saved' : ''}
          </Box>
          {save.isSuccess && !draft.dirty && <TextLink to={`/clients/${clientId}/findings`}>See the findings</TextLink>}
          {draft.dirty && <Plain onClick={draft.reset}>Take back</Plain>}
          <Primary onClick={onSave} disabled={!draft.dirty || draft.newer !== null} loading={save.isPending} loadingText="Saving">
            Save
          </Primary>
        </Flex>
      </Flex>
      {!save.isPending && draft.newer && (
        <Box px={5} pb={4}>
          <Conflict newer={draft.newer} onLeave={draft.reset} />
        </Box>
      )}
      <Flex flex="1" minH={0} direction={{ base: 'column', md: 'row' }} overflow={{ base: 'auto', md: 'hidden' }}>
        <StepList steps={protocol.steps} draft={draft.value} at={at} lifts={lifts} onOpen={setAt} />
        <Box flex={{ md: '1' }} minW={0} flexShrink={{ base: 0, md: 1 }} overflow={{ md: 'auto' }} px={{ base: 4, md: 6 }} py={5}>
          <chakra.h2 ref={heading} tabIndex={-1} textStyle="head" fontWeight="bold" mb={2} outline="none">
            {step ? step.name : 'Faults in the lifts'}
          </chakra.h2>
          {step ? (
            <Step step={step} screen={draft.value.screen} onScreen={(screen) => change({ screen })} />
          ) : (
            <Faults
              signs={protocol.faults}
              lifts={view.lifts}
              catalogue={catalogue.state === 'ready' ? catalogue.data : []}
              faults={draft.value.faults}
              onFaults={(faults) => change({ faults })}
            />
          )}
          <Flex mt={7} gap={3}>
            {next && (
              <Primary minH="hand" px={8} textStyle="lead" onClick={() => setAt(next)}>
                Next: {protocol.steps.find((candidate) => candidate.id === next)?.name ?? 'faults in the lifts'}
              </Primary>
            )}
            {!next && (
              <Primary
                minH="hand"
                px={8}
                textStyle="lead"
                onClick={onSave}
                disabled={!draft.dirty || draft.newer !== null}
                loading={save.isPending}
                loadingText="Saving"
              >
                Save the screen
              </Primary>
            )}
          </Flex>
        </Box>
        <ScreenPanel step={step} screen={draft.value.screen} before={before} kept={view.kept} />
      </Flex>
    </Flex>
  )
}
