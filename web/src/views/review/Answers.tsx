import { Box, chakra, Grid } from '@chakra-ui/react'
import type { ReviewView } from '../../api/schema'

/** The four questions of a review, each answered in a sentence with its number and what to do. */
export function Answers({ view }: { view: ReviewView }) {
  const rows = [
    { question: 'Is the weak point closing?', answer: view.weakPoint },
    { question: 'Is the client getting stronger?', answer: view.stronger },
    { question: 'Was the plan done?', answer: view.done },
    { question: 'What next?', answer: view.next },
  ]
  return (
    <Grid
      as="dl"
      bg="panel"
      color="panel.ink"
      _print={{ bg: 'transparent', color: 'ink' }}
      templateColumns={{ base: '1fr', sm: '1fr 1fr', xl: 'repeat(4, 1fr)' }}
      borderBottom="1px solid"
      borderColor="hair"
    >
      {rows.map((row) => (
        <Box key={row.question} px={5} py={3.5} borderLeft="1px solid" borderColor="panel.hair">
          <chakra.dt color="panel.quiet" textStyle="note" _print={{ color: 'quiet' }}>
            {row.question}
          </chakra.dt>
          <chakra.dd fontWeight="semibold" mt={1}>
            {row.answer}
          </chakra.dd>
        </Box>
      ))}
    </Grid>
  )
}
