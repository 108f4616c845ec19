import { Box, chakra, Flex } from '@chakra-ui/react'
import type { PracticeView } from '../../api/schema'
import { usePractice, useSavePractice } from '../../hooks/usePractice'
import { useMe, useOpenPractice } from '../../hooks/useSession'
import { fieldErrors, SaveBar } from '../../parts/SaveBar'
import { useDraft } from '../../hooks/useDraft'
import { Section, SelectField, TextField } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { Keeping } from './Keeping'
import { People } from './People'
import { Rooms } from './Rooms'

/** The practice: its name, who is in it, its rooms. Coaches read it, owners change it. */
export function Practice() {
  const practice = usePractice()
  const open = useOpenPractice()
  const me = useMe()
  if (practice.state === 'loading') return <Loading label="Fetching the practice" />
  if (practice.state === 'failed') return <Failed message={practice.message} retry={practice.retry} />
  const isOwner = open?.role === 'owner'
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>{practice.data.name}</chakra.h1>
      {isOwner && <NamePart practice={practice.data} />}
      <People practice={practice.data} isOwner={isOwner} reachesPhones={me?.reachesPhones ?? false} />
      <Rooms practice={practice.data} isOwner={isOwner} />
      {isOwner && <Keeping backup={practice.data.backup ?? null} />}
      {me && !me.reachesPhones && (
        <Section title="Phones">
          <Box maxW="60ch">
            Nerezza is at {me.address}, which leads to this machine alone. Phones and tablets need a name, a certificate and a proxy in
            front: docs/deploy.md says what a small gym does, step by step. Then links and codes carry that address.
          </Box>
        </Section>
      )}
    </Box>
  )
}

function NamePart({ practice }: { practice: PracticeView }) {
  const save = useSavePractice()
  const saved = { name: practice.name, units: practice.units }
  const draft = useDraft('practice', saved)
  const error = fieldErrors(save.error, '')
  return (
    <Section title="The practice">
      <Flex gap={4} wrap="wrap">
        <Box flex="1 1 260px">
          <TextField label="Name" value={draft.value.name} error={error('name')} onChange={(e) => draft.set({ name: e.target.value })} />
        </Box>
        <Box flex="0 1 220px">
          <SelectField
            label="Loads are shown in"
            hint="Who has chosen otherwise on a device keeps that."
            value={draft.value.units}
            options={[
              { value: 'kg', label: 'kilograms' },
              { value: 'lb', label: 'pounds' },
            ]}
            onValue={(units) => draft.set({ units: units as PracticeView['units'] })}
          />
        </Box>
      </Flex>
      <SaveBar
        draft={draft}
        save={save}
        onSave={() => save.mutate(draft.value, { onSuccess: () => draft.settle(draft.value) })}
        onReset={() => {
          draft.reset()
          save.reset()
        }}
      />
    </Section>
  )
}
