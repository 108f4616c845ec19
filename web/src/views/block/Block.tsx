import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { BlockPart, BlockView, ExerciseLine } from '../../api/schema'
import { useBlock } from '../../hooks/useBlock'
import { useCatalogue } from '../../hooks/useClients'
import { words } from '../../text/codes'
import { today } from '../../text/dates'
import { Plain } from '../../ui/form'
import { Caution, Failed, Loading } from '../../ui/states'
import { OutOfDate } from '../findings/OutOfDate'
import { BlockBecause } from './BlockBecause'
import { BlockGrid } from './BlockGrid'
import { Checks } from './Checks'
import { cellAt, nextPlace, type Place } from './grid'
import { IronPanel } from './IronPanel'
import { PlanForm } from './PlanForm'

/** The block: weeks across, sessions down, the set in focus on the iron panel, its reasons at the foot. */
export function Block() {
  const { id = '' } = useParams()
  const block = useBlock(id)
  const catalogue = useCatalogue()
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
  return <BlockPage key={id + block.data.number} clientId={id} view={block.data} block={block.data.plan.block} catalogue={catalogue.data} />
}

function BlockPage({
  clientId,
  view,
  block,
  catalogue,
}: {
  clientId: string
  view: BlockView
  block: BlockPart
  catalogue: readonly ExerciseLine[]
}) {
  const [search] = useSearchParams()
  const [place, setPlace] = useState<Place>(() => nextPlace(block, today()))
  const [panel, setPanel] = useState(true)
  const [whole, setWhole] = useState(false)
  const [planning, setPlanning] = useState(search.get('plan') === 'again')
  const name = (exercise: string) => catalogue.find((line) => line.id === exercise)?.name ?? exercise
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const inGrid = event.target instanceof HTMLElement && event.target.closest('[role=grid]')
      if (!inGrid || event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === 'p') setPanel((open) => !open)
      if (event.key === 'b') setWhole((open) => !open)
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
  const cell = cellAt(block, place)
  const weeks = `${block.weeks.length} ${block.weeks.length === 1 ? 'week' : 'weeks'}`
  return (
    <Flex direction="column" h={{ lg: '100%' }} minH="100%">
      <Flex flex="1" minH={0} direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW={0} overflow={{ lg: 'auto' }}>
          <Flex px={2.5} minH="46px" align="center" justify="space-between" gap={3} wrap="wrap" data-print="no">
            <chakra.h1 fontSize="17px" fontWeight="650">
              {words(block.kind ?? '')}, {weeks}
            </chakra.h1>
            <Flex gap={2} align="center">
              {!panel && (
                <Plain size="sm" onClick={() => setPanel(true)}>
                  Show the panel
                </Plain>
              )}
              <Plain size="sm" onClick={() => setPlanning(!planning)} aria-expanded={planning}>
                {view.outOfDate ? 'Plan again' : 'Plan the next block'}
              </Plain>
            </Flex>
          </Flex>
          {view.outOfDate && <OutOfDate clientId={clientId} number={view.number} onPlan={() => setPlanning(true)} />}
          {planning && <PlanForm clientId={clientId} title="Plan a block" onDone={() => setPlanning(false)} />}
          <BlockGrid block={block} view={view} name={name} place={place} onPlace={setPlace} />
          <Checks checks={view.plan.checks} passedOver={view.plan.passedOver} name={name} />
        </Box>
        {panel && cell && (
          <IronPanel cell={cell} view={view} place={place} name={name} clientId={clientId} onFold={() => setPanel(false)} />
        )}
      </Flex>
      {cell && <BlockBecause cell={cell} view={view} name={name} clientId={clientId} whole={whole} onWhole={() => setWhole(!whole)} />}
    </Flex>
  )
}
