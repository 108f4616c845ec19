import { Box, chakra, Flex } from '@chakra-ui/react'
import { useRef, useState } from 'react'
import type { TakeTemplate, TemplateDocument, TemplateLine, TemplateMains } from '../../api/schema'
import { useBringTemplate, useFitted, useRemoveTemplate, useTakeTemplate, useTemplates } from '../../hooks/useTemplates'
import { ProblemLine } from '../../parts/ProblemLine'
import { words } from '../../text/codes'
import { Plain, Primary, SelectField } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { FileLink } from '../../ui/TextLink'
import { PasteWeek } from './PasteWeek'

interface Props {
  clientId: string
  start: string
  onDone: () => void
}

/** Makes a block of a template: what has to change for this client is said before it is made. */
export function FromTemplate({ clientId, start, onDone }: Props) {
  const templates = useTemplates()
  const take = useTakeTemplate(clientId)
  const [chosen, setChosen] = useState('')
  const [pasting, setPasting] = useState(false)
  const [mains, setMains] = useState<TemplateMains>('for-findings')
  if (templates.state === 'loading') return <Loading label="Fetching the templates" />
  if (templates.state === 'failed') return <Failed message={templates.message} retry={templates.retry} />
  const template = templates.data.find((one) => one.id === chosen)
  return (
    <Box>
      <Box maxW="460px" mb={3}>
        <SelectField
          label="Template"
          value={chosen}
          options={[{ value: '', label: 'Choose one' }, ...templates.data.map((one) => ({ value: one.id, label: one.name }))]}
          onValue={setChosen}
        />
      </Box>
      {pasting && (
        <PasteWeek
          clientId={clientId}
          onKept={(made) => {
            setPasting(false)
            setChosen(made)
            // Who pastes a week means it as it stands.
            setMains('as-written')
          }}
          onLeave={() => setPasting(false)}
        />
      )}
      {template && <About template={template} onGone={() => setChosen('')} />}
      {template && (
        <Box maxW="460px" mb={3}>
          <SelectField
            label="Main lifts"
            value={mains ?? 'for-findings'}
            options={[
              { value: 'for-findings', label: 'those that answer what was found' },
              { value: 'as-written', label: 'those that stand in it' },
            ]}
            onValue={(value) => setMains(value as TemplateMains)}
          />
        </Box>
      )}
      {template && <Changes clientId={clientId} asked={{ template: template.id, start, mains }} />}
      <Flex gap={3} wrap="wrap" align="center">
        <Primary
          disabled={!template || start === ''}
          loading={take.isPending}
          loadingText="Making it"
          // A promise and not the mutation's own callback: the new block is drawn, and this form gone, before it is called.
          onClick={() => void take.mutateAsync({ template: chosen, start, mains }).then(onDone, () => undefined)}
        >
          Make the block of it
        </Primary>
        <Bring onBrought={setChosen} />
        {!pasting && (
          <Plain type="button" onClick={() => setPasting(true)}>
            Paste a week
          </Plain>
        )}
      </Flex>
      <ProblemLine problem={take.error} of={chosen + start} />
    </Box>
  )
}

function About({ template, onGone }: { template: TemplateLine; onGone: () => void }) {
  const remove = useRemoveTemplate()
  return (
    <Box mb={3} maxW="70ch">
      {template.note && <Box mb={1}>{template.note}</Box>}
      <Box textStyle="note" color="quiet">
        {template.kind && template.kind !== 'auto' ? `${words(template.kind)}, ` : ''}
        {template.weeks} {template.weeks === 1 ? 'week' : 'weeks'}, {template.sessionsAWeek}{' '}
        {template.sessionsAWeek === 1 ? 'session' : 'sessions'} a week: {template.exercises.join(', ')}.
        {template.by ? ` Kept by ${template.by}.` : ''}
      </Box>
      <Flex gap={4} mt={1} align="center">
        <FileLink href={`/api/templates/${template.id}/file`}>Take it out as a file</FileLink>
        {template.by && (
          <Plain size="sm" loading={remove.isPending} onClick={() => remove.mutate(template.id, { onSuccess: onGone })}>
            Throw it away
          </Plain>
        )}
      </Flex>
      <ProblemLine problem={remove.error} of={template.id} />
    </Box>
  )
}

function Changes({ clientId, asked }: { clientId: string; asked: TakeTemplate }) {
  const fitted = useFitted(clientId, asked)
  if (fitted.state === 'loading') return <Loading label="Fitting it to this client" />
  if (fitted.state === 'failed') return <Failed message={fitted.message} retry={fitted.retry} />
  const changes = fitted.data?.changes ?? []
  return (
    <Box role="status" mb={4} maxW="70ch">
      {changes.length === 0
        ? 'Everything in it suits this client. Loads follow from their maxes.'
        : 'For this client, with loads from their maxes:'}
      <chakra.ul pl={5} listStyleType="disc">
        {changes.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </chakra.ul>
    </Box>
  )
}

function Bring({ onBrought }: { onBrought: (id: string) => void }) {
  const bring = useBringTemplate()
  const input = useRef<HTMLInputElement>(null)
  const [unread, setUnread] = useState<string | null>(null)
  const read = async (file: File) => {
    setUnread(null)
    let document: TemplateDocument
    try {
      document = JSON.parse(await file.text()) as TemplateDocument
    } catch {
      setUnread(`${file.name} is no template: JSON that was taken out here is expected.`)
      return
    }
    bring.mutate(document, { onSuccess: (made) => onBrought(made.id) })
  }
  return (
    <>
      <Plain type="button" loading={bring.isPending} loadingText="Reading it" onClick={() => input.current?.click()}>
        Bring one from a file
      </Plain>
      <chakra.input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="A template as a file"
        tabIndex={-1}
        position="absolute"
        width="1px"
        height="1px"
        opacity={0}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void read(file)
        }}
      />
      {unread && (
        <Box role="alert" color="stop" fontWeight="semibold">
          {unread}
        </Box>
      )}
      <ProblemLine problem={bring.error} of={unread} />
    </>
  )
}
