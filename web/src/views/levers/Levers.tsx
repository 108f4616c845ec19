import { Box, chakra, Flex, useMediaQuery } from '@chakra-ui/react'
import { useCallback, useMemo, useState } from 'react'
import { useParams } from 'react-router'
import { codes } from '../../api/codes'
import type { LeverRow, LeversView } from '../../api/schema'
import { useLeverModel, useLevers } from '../../hooks/useLevers'
import { useSettled } from '../../hooks/useSettled'
import { Toggle } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { Curve } from './Curve'
import { LeverPanel } from './LeverPanel'
import { LeverTable } from './LeverTable'
import { askOf, type Moves, noMoves, type Shown } from './moves'
import { Notes } from './Notes'

const names: Readonly<Record<Family, string>> = {
  squat: 'Squats',
  hinge: 'Hinges',
  'split-squat': 'Split squats',
  thrust: 'Thrusts',
}
const families = codes.leverFamily.map((code) => ({ code, name: names[code] }))

const settleMs = 120

type Family = (typeof codes.leverFamily)[number]

/** Which variation suits this body: every posture at its own usual load, drawn and compared. */
export function Levers() {
  const { id = '' } = useParams()
  const levers = useLevers(id)
  if (levers.state === 'failed') return <Failed message={levers.message} retry={levers.retry} />
  if (levers.state === 'loading') return <Loading label="Fetching the levers" rows={8} />
  return <LeversPage key={id} view={levers.data} />
}

function LeversPage({ view }: { view: LeversView }) {
  const model = useLeverModel()
  // A third column for the curve where there is room for it; under the table where not.
  const [wide] = useMediaQuery(['(min-width: 1560px)'])
  const [family, setFamily] = useState<Family>('squat')
  const [chosen, setChosen] = useState('back-squat-high-bar')
  const [compared, setCompared] = useState<string | null>('front-squat')
  const [moves, setMoves] = useState<Moves>(noMoves)
  const ask = model.state === 'ready' ? model.ask : null
  const body = useMemo(() => ({ ...view.body, kneeToWallCm: view.body.kneeToWallCm + moves.ankleGainCm }), [view.body, moves.ankleGainCm])
  const own = useMemo(() => view.rows.filter((row) => row.pose.family === family), [view.rows, family])
  // What if the ankle gained: the whole table is asked again, by Core in the page.
  const rows = useMemo<readonly LeverRow[]>(() => {
    if (!ask || moves.ankleGainCm === 0) return own
    const replies = ask({ body, asks: own.map((row) => askOf(row, noMoves, null)) })
    return own.map((row, i) => ({ ...row, reply: { ...(replies[i] ?? row.reply), sweep: row.reply.sweep } }))
  }, [ask, body, moves.ankleGainCm, own])
  const asked = useCallback(
    (one: LeverRow, by: Moves): Shown => ({ row: one, reply: ask?.({ body, asks: [askOf(one, by, 4)] })[0] ?? one.reply }),
    [ask, body],
  )
  const row = rows.find((one) => one.exercise === chosen) ?? rows[0]
  const other = rows.find((one) => one.exercise === compared)
  const shown = useMemo(() => row && asked(row, moves), [row, moves, asked])
  const over = useMemo(() => (other && other !== row ? asked(other, { ...moves, loadKg: null }) : null), [other, row, moves, asked])
  const choose = useCallback((exercise: string) => {
    setChosen(exercise)
    setMoves((now) => ({ ...now, loadKg: null }))
  }, [])
  // The figure answers within the frame; the curve follows when the hand rests.
  const curves = useSettled(
    useMemo(() => [shown, over].filter((one) => one !== undefined && one !== null), [shown, over]),
    settleMs,
  )
  const open = (next: Family) => {
    const first = view.rows.filter((one) => one.pose.family === next)
    setFamily(next)
    setChosen(next === 'squat' ? 'back-squat-high-bar' : next === 'hinge' ? 'conventional-deadlift' : (first[0]?.exercise ?? ''))
    setCompared(next === 'squat' ? 'front-squat' : next === 'hinge' ? 'sumo-deadlift' : null)
    setMoves({ ...noMoves, ankleGainCm: moves.ankleGainCm })
  }
  return (
    <Flex h="100%" minH={0} direction={{ base: 'column', lg: 'row' }} overflow={{ base: 'auto', lg: 'hidden' }}>
      <Box flex="1" minW={0} overflow={{ lg: 'auto' }}>
        <Flex
          px={4}
          minH="52px"
          align="center"
          gap={2}
          borderBottom="1px solid"
          borderColor="hair"
          wrap="wrap"
          py={1.5}
          role="group"
          aria-label="Family"
        >
          <chakra.h1 textStyle="lead" fontWeight="strong" mr={3}>
            Levers
          </chakra.h1>
          {families.map((one) => (
            <Toggle key={one.code} on={family === one.code} onClick={() => open(one.code)}>
              {one.name}
            </Toggle>
          ))}
          {!view.ankleMeasured && (
            <Box color="quiet" textStyle="note">
              The ankle was not tested: {view.body.kneeToWallCm} cm is taken.
            </Box>
          )}
        </Flex>
        <LeverTable
          rows={rows}
          before={moves.ankleGainCm === 0 ? null : own}
          chosen={row?.exercise ?? ''}
          compared={compared}
          onChoose={choose}
          onCompare={setCompared}
        />
        {!wide && <Curve shown={curves} family={family} />}
        <Notes notes={view.notes} />
      </Box>
      {shown && (
        <LeverPanel
          shown={shown}
          over={over}
          family={family}
          moves={moves}
          onMoves={setMoves}
          live={model.state}
          caution={view.caution}
          observedLeanDeg={family === 'squat' ? view.observedLeanDeg : null}
        />
      )}
      {wide && (
        <Box w="380px" flexShrink={0} overflow="auto">
          <Curve shown={curves} family={family} />
        </Box>
      )}
    </Flex>
  )
}
