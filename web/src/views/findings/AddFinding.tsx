import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import type { Cause, FindingName, Side } from '../../api/schema'
import { useDecide } from '../../hooks/useFindings'
import { words } from '../../text/codes'
import { Plain, Primary, SelectField, TextField } from '../../ui/form'
import { Keys } from '../../ui/Keys'
import { causes } from './causes'

/** A finding of the coach's own: it rests on what the coach writes down. */
export function AddFinding({ clientId, names, onDone }: { clientId: string; names: readonly FindingName[]; onDone: () => void }) {
  const [code, setCode] = useState<string>(names[0]?.code ?? 'ankle-range')
  const [cause, setCause] = useState<NonNullable<Cause>>('strength')
  const [severity, setSeverity] = useState(1)
  const [side, setSide] = useState('')
  const [reason, setReason] = useState('')
  const decide = useDecide(clientId)
  const add = () =>
    decide.mutate({ code, cause, verdict: 'added', severity, side: side === '' ? null : (side as Side), reason }, { onSuccess: onDone })
  return (
    <chakra.form
      px={5}
      py={4}
      borderBottom="1px solid"
      borderColor="hair"
      bg="plate"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr 140px' }} gap={4} mb={4}>
        <SelectField
          label="What"
          value={code}
          options={names.map((row) => ({ value: row.code ?? '', label: row.name }))}
          onValue={setCode}
        />
        <SelectField
          label="Why"
          value={cause}
          options={causes.filter((row) => row.code !== null).map((row) => ({ value: row.code as string, label: row.name }))}
          onValue={(value) => setCause(value as NonNullable<Cause>)}
        />
        <SelectField
          label="Side"
          value={side}
          options={[{ value: '', label: 'Both' }, ...codes.side.map((one) => ({ value: one, label: words(one) }))]}
          onValue={setSide}
        />
      </Grid>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 420px' }} gap={4} mb={4} alignItems="end">
        <TextField
          label="What it rests on"
          value={reason}
          maxLength={limits.decideFinding.reason.length}
          onChange={(event) => setReason(event.target.value)}
          hint="What you saw or measured; it stands as the evidence."
        />
        <Box>
          <Box textStyle="note" color="quiet" mb={1}>
            How grave
          </Box>
          <Keys
            label="How grave"
            choices={[
              { value: 1, label: 'Slight' },
              { value: 2, label: 'Clear' },
              { value: 3, label: 'Marked' },
            ]}
            chosen={severity}
            onChoose={(value) => setSeverity(value ?? 1)}
          />
        </Box>
      </Grid>
      <Flex gap={3} align="center">
        <Primary type="submit" disabled={reason.trim() === ''} loading={decide.isPending} loadingText="Adding">
          Add
        </Primary>
        <Plain onClick={onDone}>Leave it</Plain>
        {decide.error && (
          <Box role="alert" color="stop" fontWeight="semibold">
            {decide.error.message}
          </Box>
        )}
      </Flex>
    </chakra.form>
  )
}
