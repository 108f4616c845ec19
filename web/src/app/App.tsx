import { lazy, Suspense, useEffect, useState } from 'react'
import { Navigate, Route, Routes, useLocation } from 'react-router'
import type { Me } from '../api/schema'
import { useNewVersion } from '../hooks/useNewVersion'
import { useOutboxSender } from '../hooks/useOutbox'
import { type SessionView, useForgetWhenOut, useSession } from '../hooks/useSession'
import { Failed, Loading } from '../ui/states'
import { SignIn } from '../views/sign-in/SignIn'
import { Boundary } from './Boundary'
import { LifterShell } from './LifterShell'
import { Shell } from './Shell'
import { useFocusStays } from './useFocusStays'
import { useTheme } from './theme-choice'
import { currentUnits, keepUnits, takeUnits, type Units } from '../text/numbers'

// Each view is a part of its own, fetched when it is first opened.
const Begin = lazy(() => import('../views/sign-in/Begin').then((m) => ({ default: m.Begin })))
const Join = lazy(() => import('../views/sign-in/Join').then((m) => ({ default: m.Join })))
const Forgotten = lazy(() => import('../views/sign-in/Forgotten').then((m) => ({ default: m.Forgotten })))
const PasswordByLink = lazy(() => import('../views/sign-in/Forgotten').then((m) => ({ default: m.PasswordByLink })))
const ChoosePractice = lazy(() => import('../views/sign-in/ChoosePractice').then((m) => ({ default: m.ChoosePractice })))
const MailBox = lazy(() => import('../views/sign-in/MailBox').then((m) => ({ default: m.MailBox })))
const Account = lazy(() => import('../views/account/Account').then((m) => ({ default: m.Account })))
const Practice = lazy(() => import('../views/practice/Practice').then((m) => ({ default: m.Practice })))
const LogImport = lazy(() => import('../views/imports/LogImport').then((m) => ({ default: m.LogImport })))
const ClientImport = lazy(() => import('../views/imports/ClientImport').then((m) => ({ default: m.ClientImport })))
const ClientPeople = lazy(() => import('../views/people/ClientPeople').then((m) => ({ default: m.ClientPeople })))
const Mine = lazy(() => import('../views/mine/Mine').then((m) => ({ default: m.Mine })))
const Day = lazy(() => import('../views/day/Day').then((m) => ({ default: m.Day })))
const Roster = lazy(() => import('../views/roster/Roster').then((m) => ({ default: m.Roster })))
const NewClient = lazy(() => import('../views/day/NewClient').then((m) => ({ default: m.NewClient })))
const PutAway = lazy(() => import('../views/day/PutAway').then((m) => ({ default: m.PutAway })))
const Intake = lazy(() => import('../views/intake/Intake').then((m) => ({ default: m.Intake })))
const Health = lazy(() => import('../views/health/Health').then((m) => ({ default: m.Health })))
const Screen = lazy(() => import('../views/screen/Screen').then((m) => ({ default: m.Screen })))
const Findings = lazy(() => import('../views/findings/Findings').then((m) => ({ default: m.Findings })))
const Catalogue = lazy(() => import('../views/catalogue/Catalogue').then((m) => ({ default: m.Catalogue })))
const Exercises = lazy(() => import('../views/exercises/Exercises').then((m) => ({ default: m.Exercises })))
const Levers = lazy(() => import('../views/levers/Levers').then((m) => ({ default: m.Levers })))
const Block = lazy(() => import('../views/block/Block').then((m) => ({ default: m.Block })))
const PrintBlock = lazy(() => import('../views/print/PrintBlock').then((m) => ({ default: m.PrintBlock })))
const PrintSession = lazy(() => import('../views/print/PrintSession').then((m) => ({ default: m.PrintSession })))
const Floor = lazy(() => import('../views/floor/Floor').then((m) => ({ default: m.Floor })))
const Review = lazy(() => import('../views/review/Review').then((m) => ({ default: m.Review })))
const Hour = lazy(() => import('../views/hour/Hour').then((m) => ({ default: m.Hour })))

export function App() {
  useFocusStays()
  const session = useSession()
  const place = useLocation().pathname
  useOutboxSender(session.state === 'in' ? session.email : null)
  useForgetWhenOut(session.state === 'out')
  if (session.state === 'loading') return <Loading label="Opening Nerezza" />
  if (session.state === 'failed') return <Failed message="The server cannot be reached." retry={session.retry} />
  const { me } = session
  return (
    <Boundary place={place}>
      <Suspense fallback={<Loading label="Opening" />}>
        <Routes>
          <Route path="join" element={<Join signedIn={me.email} />} />
          <Route path="new-password" element={<PasswordByLink />} />
          <Route path="mail-box" element={<MailBox />} />
          <Route path="begin" element={<Begin me={me} />} />
          <Route path="forgotten" element={me.email ? <Navigate to="/account" replace /> : <Forgotten me={me} />} />
          <Route path="*" element={<Whose session={session} />} />
        </Routes>
      </Suspense>
    </Boundary>
  )
}

/** Everything else by who is here: nobody, somebody who has to choose, a lifter, a coach. */
function Whose({ session }: { session: Exclude<SessionView, { state: 'loading' | 'failed' }> }) {
  if (session.state === 'out') return session.me.canBegin && !session.me.hasDemo ? <Begin me={session.me} /> : <SignIn me={session.me} />
  if (session.state === 'choosing') return <ChoosePractice me={session.me} />
  return <SignedIn me={session.me} email={session.email} open={session.open} />
}

function SignedIn({ me, email, open }: { me: Me; email: string; open: NonNullable<Me['practice']> }) {
  const [theme, setTheme] = useTheme()
  const [units, setUnits] = useState(currentUnits)
  useEffect(() => setUnits(takeUnits(open.units)), [open.units])
  const changeUnits = (next: Units) => {
    keepUnits(next)
    setUnits(next)
  }
  const takeNewVersion = useNewVersion()
  const frame = { me, account: email, open, theme, onTheme: setTheme, units, onUnits: changeUnits, takeNewVersion }
  return (
    <Suspense key={units} fallback={<Loading label="Opening" />}>
      {open.role === 'lifter' ? (
        <Routes>
          <Route element={<LifterShell {...frame} />}>
            <Route index element={<Mine open={open} />} />
            <Route path="account" element={<Account />} />
          </Route>
          <Route path="clients/:id/floor" element={<Floor />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      ) : (
        <Routes>
          <Route element={<Shell {...frame} />}>
            <Route index element={<Day />} />
            <Route path="practice" element={<Practice />} />
            <Route path="account" element={<Account />} />
            <Route path="clients" element={<Roster />} />
            <Route path="clients/new" element={<NewClient />} />
            <Route path="clients/from-list" element={<ClientImport />} />
            <Route path="clients/put-away" element={<PutAway />} />
            <Route path="clients/:id" element={<Navigate to="block" replace />} />
            <Route path="clients/:id/intake" element={<Intake />} />
            <Route path="clients/:id/people" element={<ClientPeople />} />
            <Route path="clients/:id/import" element={<LogImport />} />
            <Route path="clients/:id/health" element={<Health />} />
            <Route path="clients/:id/screen" element={<Screen />} />
            <Route path="clients/:id/findings" element={<Findings />} />
            <Route path="clients/:id/levers" element={<Levers />} />
            <Route path="clients/:id/exercises" element={<Exercises />} />
            <Route path="catalogue" element={<Catalogue />} />
            <Route path="clients/:id/block" element={<Block />} />
            <Route path="clients/:id/review" element={<Review />} />
          </Route>
          <Route path="clients/:id/floor" element={<Floor />} />
          <Route path="hour" element={<Hour />} />
          <Route path="clients/:id/print/block" element={<PrintBlock />} />
          <Route path="clients/:id/print/session" element={<PrintSession />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      )}
    </Suspense>
  )
}
