import { Box, Grid } from '@chakra-ui/react'
import { useSchool, useTakeSchool } from '../../hooks/useExercises'
import { problemInWords } from '../../api/problems'
import { Plain } from '../../ui/form'

/** What another school would choose, beside what stands, and why the two differ. */
export function School({ clientId, school, onTaken }: { clientId: string; school: string; onTaken: () => void }) {
  const take = useTakeSchool(clientId)
  const there = useSchool(clientId, school)
  return (
    <Box as="section" aria-label="Another school" px={4} py={3} borderBottom="1px solid" borderColor="hair" bg="plate" textStyle="note">
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
          <Plain size="sm" disabled={take.isPending} onClick={() => take.mutate(there.data.school, { onSuccess: onTaken })}>
            Take this school
          </Plain>
          {take.error && (
            <Box role="alert" color="stop" fontWeight="semibold" mt={1}>
              {problemInWords(take.error)}
            </Box>
          )}
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
