import { Box, chakra, Flex } from '@chakra-ui/react'
import { useCallback, useEffect, useState } from 'react'
import type { FloorView, SetView } from '../../api/schema'
import { useWindowKeys } from '../../keys/useKeys'
import type { FloorLog } from '../../hooks/useFloor'
import { loggedHere } from '../../offline/loggedHere'
import type { FloorColors } from './floor-theme'
import { setInShort } from '../../text/sets'

const undoForMs = 10_000

interface Logged {
  id: string
  at: number
  text: string
}

/** The set logged last, with ten seconds to take it back; and what is not sent yet. */
export function UndoBar({ view, log, colors, onUndone }: { view: FloorView; log: FloorLog; colors: FloorColors; onUndone: () => void }) {
  const last = lastLogged(view, log)
  const [now, setNow] = useState(Date.now())
  const open = last !== null && now - last.at < undoForMs
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  const lastId = last?.id
  const undo = useCallback(() => {
    if (!lastId) return
    onUndone()
    void log.takeBack(lastId)
  }, [lastId, log, onUndone])
  useWindowKeys({ undoSet: () => (open ? undo() : false) })
  const unsent = log.waiting.filter((entry) => !entry.refused && !entry.sent).length
  return (
    <Flex mt={open ? 2 : 0} align="center" justify="space-between" gap={3}>
      <Box role="status" color={colors.quiet}>
        {open && last ? last.text : ''}
        {unsent > 0 ? ` ${unsent} not sent yet, kept here` : ''}
      </Box>
      {open && (
        <chakra.button type="button" onClick={undo} minH="hand" px={5} border="1px solid" borderColor={colors.ink} fontWeight="strong">
          Undo
        </chakra.button>
      )}
    </Flex>
  )
}

/** The newest set of this session that was logged on this device and not taken back: its age by this device's own clock. */
function lastLogged(view: FloorView, log: FloorLog): Logged | null {
  const takenBack = new Set(log.waiting.map((entry) => entry.withdraws))
  const stands = new Map(view.items.flatMap((item) => item.sets).flatMap((set) => (set.done ? [[set.done.id, set.done] as const] : [])))
  for (const entry of log.waiting)
    if (entry.set && entry.set.date === view.date) stands.set(entry.id, { ...entry.set, id: entry.id } as SetView)
  const here = loggedHere().filter(({ id }) => stands.has(id) && !takenBack.has(id))
  const newest = here.at(-1)
  const set = newest && stands.get(newest.id)
  if (!newest || !set) return null
  const rated = set.rpe || set.amrap || set.word || typeof set.reps !== 'number'
  return { id: newest.id, at: newest.at, text: `Logged ${setInShort(set)}${rated ? '.' : ', no rating.'}` }
}
