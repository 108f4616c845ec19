import { lazy, Suspense } from 'react'
import { Navigate, Route, Routes } from 'react-router'
import { useSession } from '../hooks/useSession'
import { Failed, Loading } from '../ui/states'
import { SignIn } from '../views/sign-in/SignIn'
import { Shell } from './Shell'
import { useTheme } from './theme-choice'

// Each view is a part of its own, fetched when it is first opened.
const Day = lazy(() => import('../views/day/Day').then((m) => ({ default: m.Day })))
const NewClient = lazy(() => import('../views/day/NewClient').then((m) => ({ default: m.NewClient })))
const Intake = lazy(() => import('../views/intake/Intake').then((m) => ({ default: m.Intake })))
const Block = lazy(() => import('../views/block/Block').then((m) => ({ default: m.Block })))
const Floor = lazy(() => import('../views/floor/Floor').then((m) => ({ default: m.Floor })))

export function App() {
  const session = useSession()
  const [theme, setTheme] = useTheme()
  if (session.state === 'loading') return <Loading label="Opening Nerezza" />
  if (session.state === 'failed') return <Failed message="The server cannot be reached." retry={session.retry} />
  if (session.state === 'out') return <SignIn />
  return (
    <Suspense fallback={<Loading label="Opening" />}>
      <Routes>
        <Route element={<Shell practice={session.practice} theme={theme} onTheme={setTheme} />}>
          <Route index element={<Day />} />
          <Route path="clients/new" element={<NewClient />} />
          <Route path="clients/:id" element={<Navigate to="block" replace />} />
          <Route path="clients/:id/intake" element={<Intake />} />
          <Route path="clients/:id/block" element={<Block />} />
        </Route>
        <Route path="clients/:id/floor" element={<Floor />} />
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
    </Suspense>
  )
}
