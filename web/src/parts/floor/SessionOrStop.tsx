import { Box } from '@chakra-ui/react'
import { type ReactNode, useState } from 'react'
import type { FloorView, HealthFlag } from '../../api/schema'
import { useFloorLog } from '../../hooks/useFloor'
import { today } from '../../text/dates'
import { Caution } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import type { FloorLight } from './FloorPage'
import { FloorSession } from './FloorSession'
import { stopOf } from './session'

interface Props extends FloorLight {
  view: FloorView
  /** Shown where no session is planned. */
  none: ReactNode
}

/** A client's session, or why there is none: a health answer, or a sign that was noted here and is on its way. */
export function SessionOrStop({ view, none, colors, bright }: Props) {
  const log = useFloorLog(view.clientId)
  // Also where this device has no room to keep it.
  const [seen, setSeen] = useState<HealthFlag | null>(null)
  const stop = stopOf(view, log.waiting, seen)
  if (stop)
    return (
      <Box p={4}>
        <Caution word="Stop" onPanel={!bright}>
          {stop}
        </Caution>
        <TextLink to={`/clients/${view.clientId}/health`} minH="target" display="inline-flex" alignItems="center" mt={3}>
          Open the health answers
        </TextLink>
      </Box>
    )
  if (view.items.length === 0) return none
  return (
    <FloorSession
      key={view.date}
      view={view}
      log={log}
      onWarn={(sign) => {
        setSeen(sign)
        // The day it is seen, whatever day the session is planned for: a clearance is held against it.
        void log.warn(sign, today())
      }}
      colors={colors}
    />
  )
}
