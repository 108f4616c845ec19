import { Box, Grid } from '@chakra-ui/react'
import { Link } from 'react-router'
import { useSchool } from '../../hooks/useExercises'

/** What another school would choose, beside what stands, and why the two differ. */
export function School({ clientId, school }: { clientId: string; school: string }) {
  const there = useSchool(clientId, school)
  return (
    <Box as="section" aria-label="Another school" px={4} py={3} borderBottom="1px solid" borderColor="hair" bg="plate" fontSize="14px">
      {there.state === 'loading' && 'Choosing by that school.'}
      {there.state === 'failed' && there.message}
      {there.state === 'ready' && (
        <>
          <Box mb={2}>{there.data.favours}</Box>
          {there.data.onlyNow.length + there.data.onlyThere.length === 0 ? (
            <Box>It would choose the same exercises here.</Box>
          ) : (
            <Grid templateColumns="1fr 1fr" gap={4} mb={2}>
              <Side title="Only as it stands" names={there.data.onlyNow} />
              <Side title="Only by that school" names={there.data.onlyThere} />
            </Grid>
          )}
          <Link to={`/clients/${clientId}/intake`} style={{ textDecoration: 'underline', textUnderlineOffset: '3px' }}>
            Change the school in Intake
          </Link>
        </>
      )}
    </Box>
  )
}

function Side({ title, names }: { title: string; names: readonly string[] }) {
  return (
    <Box>
      <Box color="quiet">{title}</Box>
      {names.length === 0 ? <Box>nothing</Box> : names.map((name) => <Box key={name}>{name}</Box>)}
    </Box>
  )
}
