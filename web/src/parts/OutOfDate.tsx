import { Box, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { Link } from 'react-router'
import { usePlanPreview } from '../hooks/useFindings'
import { Plain } from '../ui/form'

/** Says that the plan rests on older answers, and what a new one would change, before anything changes. */
export function OutOfDate({ clientId, number, onPlan }: { clientId: string; number: number; onPlan?: () => void }) {
  const [open, setOpen] = useState(false)
  const preview = usePlanPreview(clientId, open)
  return (
    <Box role="status" px={5} py={3} borderBottom="1px solid" borderColor="hair" borderLeft="6px solid" borderLeftColor="edge">
      <Flex align="center" gap={3} wrap="wrap">
        <Box fontWeight="600">Plan {number} rests on older answers or older rules.</Box>
        <Plain size="sm" onClick={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'Hide what would change' : 'Show what would change'}
        </Plain>
        {onPlan ? (
          <Plain size="sm" onClick={onPlan}>
            Plan again
          </Plain>
        ) : (
          <Link to={`/clients/${clientId}/block?plan=again`} style={{ textDecoration: 'underline', textUnderlineOffset: '3px' }}>
            Plan again
          </Link>
        )}
      </Flex>
      {open && (
        <Box mt={2} fontSize="15px">
          {preview.state === 'loading' && 'Working it out'}
          {preview.state === 'failed' && preview.message}
          {preview.state === 'ready' &&
            (preview.data && preview.data.changes.length > 0 ? (
              <Box as="ul" pl={5} style={{ listStyle: 'disc' }}>
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
