import { Box } from '@chakra-ui/react'
import { useEffect } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { nextDay, useFloor } from '../../hooks/useFloor'
import { useKeepSessions, useKeptDays } from '../../hooks/useKeptSessions'
import { useOpenPractice } from '../../hooks/useSession'
import { usePageTitle } from '../../hooks/usePageTitle'
import { FloorPage } from '../../parts/floor/FloorPage'
import { SessionOrStop } from '../../parts/floor/SessionOrStop'
import { dayName, onDay, today } from '../../text/dates'
import { Failed, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'

/** The floor: the set at hand, large; everything else out of the way. */
export function Floor() {
  const { id = '' } = useParams()
  const [search, setSearch] = useSearchParams()
  const date = search.get('date') ?? today()
  const floor = useFloor(id, date)
  useKeepSessions(id)
  const view = floor.state === 'ready' ? floor.data : null
  usePageTitle(view?.client ?? null, 'Floor')
  // A lifter's way leads to their own page.
  const isLifter = useOpenPractice()?.role === 'lifter'
  const back = isLifter ? { to: '/', label: 'Training' } : { to: `/clients/${id}/block`, label: 'Block' }
  const asked = search.has('date')
  useEffect(() => {
    const next = view && nextDay(view)
    if (!asked && next) setSearch({ date: next }, { replace: true })
  }, [asked, view, setSearch])
  return (
    <FloorPage back={back} title={view ? `${view.client}, ${dayName(date)}` : 'Floor'}>
      {(light) => (
        <>
          {floor.state === 'loading' && <Loading label="Fetching the session" />}
          {floor.state === 'failed' && (
            <>
              <Failed message={floor.message} retry={floor.retry} />
              <KeptDays id={id} />
            </>
          )}
          {floor.state === 'ready' && !view && (
            <Nothing text="No block is planned yet." to={back.to} link={isLifter ? 'Back' : 'Plan a block'} />
          )}
          {view && (
            <SessionOrStop
              view={view}
              none={<Nothing text={`No session ${onDay(date)}.`} to={back.to} link={isLifter ? 'See what is planned' : 'See the block'} />}
              {...light}
            />
          )}
        </>
      )}
    </FloorPage>
  )
}

function Nothing({ text, to, link }: { text: string; to: string; link: string }) {
  return (
    <Box p={5}>
      <Box mb={3}>{text}</Box>
      <TextLink to={to}>{link}</TextLink>
    </Box>
  )
}

/** Without a network: the sessions that are on this device. */
function KeptDays({ id }: { id: string }) {
  const days = useKeptDays(id)
  if (days.length === 0) return null
  return (
    <Box px={5}>
      <Box mb={2}>These sessions are kept on this device:</Box>
      {days.map((day) => (
        <TextLink key={day} to={`?date=${day}`} minH="target" display="flex" alignItems="center">
          {dayName(day)}
        </TextLink>
      ))}
    </Box>
  )
}
