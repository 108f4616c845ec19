import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { PlanSpan } from '../../api/schema'
import { words } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { Plain } from '../../ui/form'
import { FileLink, TextLink } from '../../ui/TextLink'

export type OpenPart = 'plan' | 'versions' | 'copy' | 'template' | 'chain' | 'add'

interface Props {
  clientId: string
  number: number
  /** Every block that stands, first to last. */
  standing: readonly PlanSpan[]
  kind: string
  weeks: number
  because: string
  outOfDate: boolean
  open: OpenPart | null
  onOpen: (part: OpenPart) => void
  panel: boolean
  onPanel: () => void
}

/** What this block is, why, what it gives up; and the way to everything about the whole of it. */
export const BlockHead = memo(function BlockHead({
  clientId,
  number,
  standing,
  kind,
  weeks,
  because,
  outOfDate,
  open,
  onOpen,
  panel,
  onPanel,
}: Props) {
  const parts = [
    ['chain', 'Chain'],
    ['add', 'Add exercise'],
    ['versions', 'Versions'],
    ['copy', 'Copy to'],
    ['template', 'Template'],
    ['plan', outOfDate ? 'Plan again' : 'Plan the next block'],
  ] as const
  const here = standing.find((plan) => plan.number === number)
  return (
    <Box data-print="no">
      <Flex px={2.5} minH="46px" align="center" justify="space-between" gap={3} wrap="wrap" py={1}>
        <chakra.h1 textStyle="lead" fontWeight="strong">
          {words(kind)}, {weeks} {weeks === 1 ? 'week' : 'weeks'}
        </chakra.h1>
        <Flex gap={1.5} align="center" wrap="wrap">
          {!panel && (
            <Plain size="sm" onClick={onPanel}>
              Show the panel
            </Plain>
          )}
          {parts.map(([part, label]) => (
            <Plain key={part} size="sm" px={2} onClick={() => onOpen(part)} aria-expanded={open === part}>
              {label}
            </Plain>
          ))}
          <TextLink textStyle="note" ml={2} to={`/clients/${clientId}/print/block${here ? `?on=${here.starts}` : ''}`}>
            Print
          </TextLink>
          <FileLink href={`/api/clients/${clientId}/block.xlsx${here ? `?on=${here.starts}` : ''}`} textStyle="note" ml={2}>
            Workbook
          </FileLink>
        </Flex>
      </Flex>
      <Neighbours clientId={clientId} number={number} standing={standing} />
      <Box px={2.5} pb={2} textStyle="note" color="quiet">
        {because}
      </Box>
    </Box>
  )
})

/** The blocks before and after this one. */
function Neighbours({ clientId, number, standing }: { clientId: string; number: number; standing: readonly PlanSpan[] }) {
  const at = standing.findIndex((plan) => plan.number === number)
  const [before, after] = [standing[at - 1], standing[at + 1]]
  if (!before && !after) return null
  return (
    <Flex as="nav" aria-label="Blocks before and after" px={2.5} pb={1} gap={4} textStyle="note" wrap="wrap">
      {before && (
        <TextLink to={`/clients/${clientId}/block?on=${before.starts}`}>The block before, from {shortDate(before.starts)}</TextLink>
      )}
      {after && <TextLink to={`/clients/${clientId}/block?on=${after.starts}`}>The next block, from {shortDate(after.starts)}</TextLink>}
    </Flex>
  )
}
