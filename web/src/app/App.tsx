import { lazy, Suspense, useState } from 'react'
import { Navigate, Route, Routes, useLocation } from 'react-router'
import { useNewVersion } from '../hooks/useNewVersion'
import { useOutboxSender } from '../hooks/useOutbox'
import { useForgetWhenOut, useSession } from '../hooks/useSession'
import { Failed, Loading } from '../ui/states'
import { SignIn } from '../views/sign-in/SignIn'
import { Boundary } from './Boundary'
import { Shell } from './Shell'
import { useFocusStays } from './useFocusStays'
import { useTheme } from './theme-choice'
import { currentUnits, keepUnits, type Units } from '../text/numbers'

// Each view is a part of its own, fetched when it is first opened.
const Day = lazy(() => import('../views/day/Day').then((m) => ({ default: m.Day })))
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
const Hour = lazy(() => import('../views/hour/Hour').then((m) => ({ default: m.Hour })))

export function App() {
  useFocusStays()
  const session = useSession()
  const place = useLocation().pathname
  const [theme, setTheme] = useTheme()
  const [units, setUnits] = useState(currentUnits)
  const changeUnits = (next: Units) => {
    keepUnits(next)
    setUnits(next)
  }
  useOutboxSender(session.state === 'in' ? session.email : null)
  useForgetWhenOut(session.state === 'out')
  const takeNewVersion = useNewVersion()
  if (session.state === 'loading') return <Loading label="Opening Nerezza" />
  if (session.state === 'failed') return <Failed message="The server cannot be reached." retry={session.retry} />
  if (session.state === 'out') return <SignIn />
  return (
    <Boundary place={place}>
      <Suspense key={units} fallback={<Loading label="Opening" />}>
        <Routes>
          <Route
            element={
              <Shell
                account={session.email}
                practice={session.practice}
                theme={theme}
                onTheme={setTheme}
                units={units}
                onUnits={changeUnits}
                takeNewVersion={takeNewVersion}
              />
            }
          >
            <Route index element={<Day />} />
            <Route path="clients/new" element={<NewClient />} />
            <Route path="clients/put-away" element={<PutAway />} />
            <Route path="clients/:id" element={<Navigate to="block" replace />} />
            <Route path="clients/:id/intake" element={<Intake />} />
            <Route path="clients/:id/health" element={<Health />} />
            <Route path="clients/:id/screen" element={<Screen />} />
            <Route path="clients/:id/findings" element={<Findings />} />
            <Route path="clients/:id/levers" element={<Levers />} />
            <Route path="clients/:id/exercises" element={<Exercises />} />
            <Route path="catalogue" element={<Catalogue />} />
            <Route path="clients/:id/block" element={<Block />} />
          </Route>
          <Route path="clients/:id/floor" element={<Floor />} />
          <Route path="hour" element={<Hour />} />
          <Route path="clients/:id/print/block" element={<PrintBlock />} />
          <Route path="clients/:id/print/session" element={<PrintSession />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      </Suspense>
    </Boundary>
  )
}
