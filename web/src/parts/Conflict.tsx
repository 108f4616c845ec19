import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { Newer } from '../hooks/useDraft'
import { words } from '../text/codes'
import { fieldName, measureOf } from '../text/fieldNames'
import { differences } from '../text/merge'
import { measureUnit, toldMeasure } from '../text/numbers'
import { Plain, Primary } from '../ui/form'

interface Props<T> {
  newer: Newer<T>
  /** Takes the newer and forgets what was typed. */
  onLeave: () => void
}

/** Somebody saved this meanwhile: what differs, and the ways on. Nothing typed goes before one of them is chosen. */
export function Conflict<T>({ newer, onLeave }: Props<T>) {
  const [both, setBoth] = useState(false)
  const first = useRef<HTMLButtonElement>(null)
  useEffect(() => first.current?.focus(), [])
  const theirs = differences(newer.base, newer.saved)
  return (
    <Box role="alertdialog" aria-label="Changed meanwhile" mt={4} p={4} borderLeft="6px solid" borderColor="stop" bg="plate">
      <Box fontWeight="semibold">Somebody saved this meanwhile: {theirs.map(({ path }) => fieldName(path)).join('; ')}.</Box>
      <Box mb={3}>What you typed is kept. Choose how the two go together, then save.</Box>
      <Flex gap={3} wrap="wrap">
        <Primary ref={first} onClick={newer.layOver}>
          Take the newer and lay mine over it
        </Primary>
        <Plain onClick={newer.keepMine}>Keep mine as it stands</Plain>
        <Plain onClick={onLeave}>Take the newer, leave mine</Plain>
        <Plain aria-expanded={both} onClick={() => setBoth(!both)}>
          Look at both
        </Plain>
      </Flex>
      {both && <Both newer={newer} />}
    </Box>
  )
}

const Cell = chakra('td', { base: { py: 1.5, pr: 5, borderBottom: '1px solid', borderColor: 'hair', verticalAlign: 'baseline' } })
const Head = chakra('th', { base: { textAlign: 'left', py: 1.5, pr: 5, fontWeight: 500, color: 'quiet' } })

function Both<T>({ newer }: { newer: Newer<T> }) {
  return (
    <Box overflowX="auto" mt={3}>
      <chakra.table w="100%" maxW="reading">
        <thead>
          <tr>
            <Head scope="col">Where they differ</Head>
            <Head scope="col">The newer</Head>
            <Head scope="col">Mine</Head>
          </tr>
        </thead>
        <tbody>
          {differences(newer.saved, newer.mine).map(({ path, one, other }) => (
            <tr key={path}>
              <Cell>{fieldName(path)}</Cell>
              <Cell>{told(one, path)}</Cell>
              <Cell>{told(other, path)}</Cell>
            </tr>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  )
}

/** A value of a form as it reads on the page: masses and lengths in the coach's unit, codes as words. */
function told(value: unknown, path: string): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.length === 0 ? 'nothing' : value.map((one) => told(one, path)).join(', ')
  if (typeof value === 'object')
    return Object.entries(value)
      .map(([name, part]) => told(part, name))
      .filter((part) => part !== 'nothing' && part !== 'no')
      .join(' ')
  const text = String(value)
  const measure = measureOf(path)
  if (measure) return `${toldMeasure(measure, text)} ${measureUnit(measure)}`
  return /^[a-z][a-z-]*$/.test(text) ? words(text) : text
}
