import { Box, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { usePlanPreview } from '../hooks/useFindings'
import { Plain } from '../ui/form'
import { TextLink } from '../ui/TextLink'

interface Props {
  clientId: string
  number: number
  /** A day of the plan; today where none is given. */
  on?: string
  onPlan?: () => void
}

/** Says that the plan rests on older answers, and what a new one would change, before anything changes. */
export function OutOfDate({ clientId, number, on, onPlan }: Props) {
  const [open, setOpen] = useState(false)
  const preview = usePlanPreview(clientId, on ?? null, open)
  return (
    <Box role="status" px={5} py={3} borderBottom="1px solid" borderColor="hair" borderLeft="6px solid" borderLeftColor="edge">
      <Flex align="center" gap={3} wrap="wrap">
        <Box fontWeight="semibold">Plan {number} rests on older answers or older rules.</Box>
        <Plain size="sm" onClick={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'Hide what would change' : 'Show what would change'}
        </Plain>
        {onPlan ? (
          <Plain size="sm" onClick={onPlan}>
            Plan again
          </Plain>
        ) : (
          <TextLink to={`/clients/${clientId}/block?plan=again`}>Plan again</TextLink>
        )}
      </Flex>
      {open && (
        <Box mt={2} textStyle="plain">
          {preview.state === 'loading' && 'Working it out'}
          {preview.state === 'failed' && preview.message}
          {preview.state === 'ready' &&
            (preview.data && preview.data.changes.length > 0 ? (
              <Box as="ul" pl={5} listStyleType="disc">
                {preview.data.changes.map((change) => (
                  <li key={change}>{change}</li>
                ))}
              </Box>
            ) : (
              'Nothing in the block would change.'
            ))}
        </Box>
      )}
    </Box>
  )
}
