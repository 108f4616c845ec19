import { Box, Flex } from '@chakra-ui/react'
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { BlockPart, BlockView, ExerciseLine } from '../../api/schema'
import { useWindowKeys } from '../../keys/useKeys'
import { useBlock } from '../../hooks/useBlock'
import { useBlockEdits } from '../../hooks/useBlockEdits'
import { useCatalogue } from '../../hooks/useClients'
import { today } from '../../text/dates'
import { Caution, Failed, Loading } from '../../ui/states'
import { OutOfDate } from '../../parts/OutOfDate'
import { AddExercise } from './AddExercise'
import { Beside } from './Beside'
import { BlockRationale } from './BlockRationale'
import { BlockGrid } from './BlockGrid'
import { BlockHead, type OpenPart } from './BlockHead'
import { Chain } from './Chain'
import { CopyTo } from './CopyTo'
import { EditBar } from './EditBar'
import type { FieldKey } from './fields'
import { cellAt, cellView, held, type Place } from '../../parts/grid'
import { KeepAsTemplate } from './KeepAsTemplate'
import { Left } from './Left'
import { Panel } from './Panel'
import { PassedOver } from './PassedOver'
import { PlanForm } from './PlanForm'
import { Remarks } from './Remarks'
import { Versions } from './Versions'

/** The block: weeks across, sessions down, the set in focus on the panel panel, its reasons at the foot. */
export function Block() {
  const { id = '' } = useParams()
  const [search] = useSearchParams()
  const on = search.get('on')
  const block = useBlock(id, on)
  const catalogue = useCatalogue()
  // A version that was just kept, restored or planned is drawn anew, and its grid has the focus that the old one had.
  const seen = useRef<{ id: string; number: number } | null>(null)
  const number = block.state === 'ready' ? block.data?.number : undefined
  const isNewVersion = seen.current !== null && seen.current.id === id && seen.current.number !== number
  useEffect(() => {
    if (number !== undefined) seen.current = { id, number }
  }, [id, number])
  if (block.state === 'failed') return <Failed message={block.message} retry={block.retry} />
  if (catalogue.state === 'failed') return <Failed message={catalogue.message} retry={catalogue.retry} />
  if (block.state === 'loading' || catalogue.state === 'loading') return <Loading label="Fetching the block" rows={8} />
  if (!block.data) return <PlanForm clientId={id} title="No block yet" />
  if (!block.data.plan.block)
    return (
      <Box p={5}>
        <Caution word="Stop">{block.data.stop ?? 'There is no block.'}</Caution>
      </Box>
    )
  return (
    <BlockPage key={id + block.data.number} clientId={id} kept={block.data} on={on} catalogue={catalogue.data} takesFocus={isNewVersion} />
  )
}

interface PageProps {
  clientId: string
  kept: BlockView
  /** The day whose block is asked for; null for today's. */
  on: string | null
  catalogue: readonly ExerciseLine[]
  takesFocus: boolean
}

function focusGrid() {
  document.querySelector<HTMLElement>('[role=grid] [data-focus=true]')?.focus()
}

function BlockPage({ clientId, kept, on, catalogue, takesFocus }: PageProps) {
  const [search, setSearch] = useSearchParams()
  const edits = useBlockEdits(clientId, kept)
  const { view } = edits
  const block = view.plan.block as BlockPart
  const [at, setAt] = useState<Place | null>(null)
  const [field, setField] = useState<FieldKey>('reps')
  const [said, setSaid] = useState('')
  const [panel, setPanel] = useState(true)
  const [whole, setWhole] = useState(false)
  const [open, setOpen] = useState<OpenPart | null>(search.get('plan') === 'again' ? 'plan' : null)
  const name = useCallback((exercise: string) => catalogue.find((line) => line.id === exercise)?.name ?? exercise, [catalogue])
  const place = useMemo(() => held(block, at, today()), [block, at])
  // The grid is drawn first; panel and reasons follow, so that a number typed shows what it does at once.
  const seenView = useDeferredValue(view)
  const seenPlace = useDeferredValue<Place | null>(place, null)
  const focus = useMemo(() => (seenPlace && seenView.plan.block ? cellAt(seenView.plan.block, seenPlace) : null), [seenPlace, seenView])
  const seen = focus &&
    seenPlace && { cell: focus, more: cellView(seenView.cells, seenPlace), view: seenView, place: seenPlace, name, clientId }
  const inGrid = (act: () => void) => (event: KeyboardEvent) =>
    event.target instanceof HTMLElement && event.target.closest('[role=grid]') ? act() : false
  useWindowKeys({
    foldPanel: inGrid(() => setPanel((is) => !is)),
    wholeBecause: inGrid(() => setWhole((is) => !is)),
    addExercise: inGrid(() => setOpen('add')),
  })
  // What is to be settled first has it before the grid.
  const takes = useRef(takesFocus && edits.left === null)
  useEffect(() => {
    if (takes.current) focusGrid()
  }, [])
  // The form was asked for once; the next block is not to open it again.
  useEffect(() => {
    if (search.has('plan')) setSearch(on ? { on } : {}, { replace: true })
  }, [on, search, setSearch])
  // What opened has the focus; closed, the grid has it again.
  const close = () => {
    setOpen(null)
    requestAnimationFrame(focusGrid)
  }
  const turnPart = useCallback((part: OpenPart) => setOpen((is) => (is === part ? null : part)), [])
  const turnPanel = useCallback(() => setPanel((is) => !is), [])
  const turnWhole = useCallback(() => setWhole((is) => !is), [])
  return (
    <Flex direction="column" h={{ lg: '100%' }} minH="100%">
      <Flex flex="1" minH={0} direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW={0} overflow={{ lg: 'auto' }} position="relative">
          <BlockHead
            clientId={clientId}
            number={kept.number}
            standing={kept.standing}
            kind={block.kind ?? ''}
            weeks={block.weeks.length}
            because={`${view.kindBecause} ${view.favours}`}
            outOfDate={view.outOfDate}
            open={open}
            onOpen={turnPart}
            panel={panel}
            onPanel={turnPanel}
          />
          <EditBar edits={edits} field={field} onField={setField} said={said} />
          {edits.left && <Left clientId={clientId} number={kept.number} left={edits.left} name={name} />}
          {view.outOfDate && <OutOfDate clientId={clientId} number={view.number} on={block.start} onPlan={() => setOpen('plan')} />}
          {open === 'plan' && (
            <PlanForm
              clientId={clientId}
              title={view.outOfDate ? 'Plan again' : 'Plan the next block'}
              start={view.outOfDate ? block.start : undefined}
              standing={view.standing}
              onDone={(start) => {
                setSearch(start > today() ? { on: start } : {})
                close()
              }}
            />
          )}
          {open === 'versions' && <Versions clientId={clientId} current={kept.number} standing={kept.standing} onDone={close} />}
          {open === 'copy' && <CopyTo clientId={clientId} number={kept.number} start={block.start} onDone={close} />}
          {open === 'template' && <KeepAsTemplate clientId={clientId} number={kept.number} />}
          {open === 'chain' && <Chain view={view} />}
          {open === 'add' && (
            <AddExercise
              block={block}
              place={place}
              catalogue={catalogue}
              onAdd={(made) => {
                edits.acts.push(...made)
                const first = made[0]
                if (first) setAt({ week: first.week, day: first.day, exercise: first.exercise ?? '' })
                close()
              }}
              onLeave={close}
            />
          )}
          {place ? (
            <BlockGrid
              block={block}
              view={view}
              name={name}
              place={place}
              onPlace={setAt}
              field={field}
              onField={setField}
              acts={edits.acts}
              say={setSaid}
            />
          ) : (
            <Box px={2.5} py={5}>
              The weeks are empty. Add an exercise to a day, or plan a block.
            </Box>
          )}
          <Remarks clientId={clientId} edits={edits} name={name} onPlace={setAt} />
          <Beside attempts={view.attempts} daily={view.daily} name={name} />
          <PassedOver rows={view.plan.passedOver} name={name} />
        </Box>
        {panel && seen && <Panel {...seen} onFold={turnPanel} />}
      </Flex>
      {seen && <BlockRationale {...seen} whole={whole} onWhole={turnWhole} />}
    </Flex>
  )
}
