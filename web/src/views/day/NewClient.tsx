import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { ApiProblem } from '../../api/client'
import type { CaseDocument } from '../../api/schema'
import { useAddClient, useImportCase } from '../../hooks/useClients'
import { useDraft } from '../../hooks/useDraft'
import { Field, Primary, Section } from '../../ui/form'
import { DayFields, PersonFields } from '../../parts/FactsFields'
import { emptyFacts, factsOf } from '../../parts/facts'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { TextLink } from '../../ui/TextLink'

/** A new client: the five facts that a plan cannot do without, or a whole case from a file. */
export function NewClient() {
  const draft = useDraft('new-client', emptyFacts())
  const add = useAddClient()
  const navigate = useNavigate()
  const error = fieldErrors(add.error, '')
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>Add a client</chakra.h1>
      <chakra.form
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate(factsOf(draft.value), {
            onSuccess: ({ id }) => {
              draft.reset()
              navigate(`/clients/${id}/intake`)
            },
          })
        }}
      >
        <Section title="New client">
          <PersonFields draft={draft.value} set={draft.set} error={error} />
          <Box mt={5}>
            <DayFields draft={draft.value} set={draft.set} error={error} />
          </Box>
          <ProblemLine problem={add.error} of={draft.value} />
          <Primary mt={4} type="submit" loading={add.isPending}>
            Add
          </Primary>
        </Section>
      </chakra.form>
      <ImportCase />
      <Section title="Several at once">
        <TextLink to="/clients/from-list">Clients from a list or spreadsheet</TextLink>
      </Section>
    </Box>
  )
}

function ImportCase() {
  const take = useImportCase()
  const navigate = useNavigate()
  const [unreadable, setUnreadable] = useState(false)
  const read = async (file: File | undefined) => {
    if (!file) return
    setUnreadable(false)
    try {
      const document = JSON.parse(await file.text()) as CaseDocument
      take.mutate(document, { onSuccess: ({ id }) => navigate(`/clients/${id}/intake`) })
    } catch {
      setUnreadable(true)
    }
  }
  const fields = take.error instanceof ApiProblem ? Object.entries(take.error.fields) : []
  return (
    <Section title="Or take in a case file">
      <Field label="A case in the open format (JSON)" error={unreadable ? 'This file is not JSON; choose a case file.' : undefined}>
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            type="file"
            accept="application/json,.json"
            onChange={(event) => void read(event.target.files?.[0])}
          />
        )}
      </Field>
      {take.error && (
        <Box role="alert" mt={3}>
          <Box color="stop" fontWeight="semibold">
            {take.error.message} Nothing was saved.
          </Box>
          {fields.map(([path, message]) => (
            <Box key={path}>{path === 'body' ? message : `${path}: ${message}`}</Box>
          ))}
        </Box>
      )}
    </Section>
  )
}
