import { Box, chakra, Code, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { TokenLine, TokenScope } from '../../api/schema'
import { say } from '../../hooks/said'
import { useEndToken, useMakeToken, useTokens } from '../../hooks/useTokens'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { dayName, withYear } from '../../text/dates'
import { NumberField, Plain, Primary, Section, SelectField, TextField } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { FileLink } from '../../ui/TextLink'

const may: Record<TokenScope, string> = { read: 'reads', write: 'reads and changes' }

/** Tokens by which scripts come in as this person. */
export function Tokens() {
  const tokens = useTokens()
  return (
    <Section title="Tokens for scripts">
      <Box mb={3} maxW="60ch">
        A script that sends a token sees what you see in this practice. It makes no other token and reaches no account. What it can ask for
        is at{' '}
        <FileLink href="/api/docs" download={false} target="_blank">
          /api/docs
        </FileLink>
        .
      </Box>
      {tokens.state === 'loading' && <Loading label="Fetching your tokens" />}
      {tokens.state === 'failed' && <Failed message={tokens.message} retry={tokens.retry} />}
      {tokens.state === 'ready' && <List tokens={tokens.data} />}
      <Make />
    </Section>
  )
}

function List({ tokens }: { tokens: readonly TokenLine[] }) {
  const end = useEndToken()
  return (
    <>
      <Box as="ul" listStyleType="none">
        {tokens.map((token) => (
          <Flex key={token.id} as="li" align="center" gap={4} wrap="wrap" minH="hand" borderBottom="1px solid" borderColor="hair" py={1}>
            <Box flex="1" minW="180px">
              <Box fontWeight="semibold">{token.name}</Box>
              <Box textStyle="note" color="quiet">
                {may[token.scope]} in {token.practice}, good until {withYear(token.expiresAt.slice(0, 10))},{' '}
                {token.usedAt ? `last used ${dayName(token.usedAt.slice(0, 10))}` : 'never used'}
              </Box>
            </Box>
            <Plain onClick={() => end.mutate(token.id)} aria-label={`End ${token.name}`}>
              End
            </Plain>
          </Flex>
        ))}
      </Box>
      <ProblemLine problem={end.error} of={tokens} />
    </>
  )
}

const empty = { name: '', scope: 'read' as TokenScope, days: '90' }

function Make() {
  const make = useMakeToken()
  const [asked, setAsked] = useState(empty)
  const error = fieldErrors(make.error, '')
  const set = (change: Partial<typeof empty>) => setAsked({ ...asked, ...change })
  return (
    <chakra.form
      mt={4}
      onSubmit={(event) => {
        event.preventDefault()
        make.mutate(
          { name: asked.name, scope: asked.scope, days: Number(asked.days.replace(',', '.')) },
          { onSuccess: () => setAsked(empty) },
        )
      }}
    >
      <Grid templateColumns={{ base: '1fr', md: '2fr 1fr 1fr' }} gap={4} maxW="column">
        <TextField
          label="What it is for"
          value={asked.name}
          maxLength={80}
          error={error('name')}
          onChange={(event) => set({ name: event.target.value })}
        />
        <SelectField
          label="It may"
          value={asked.scope}
          options={[
            { value: 'read', label: 'read' },
            { value: 'write', label: 'read and change' },
          ]}
          onValue={(scope) => set({ scope: scope as TokenScope })}
        />
        <NumberField label="Good for, days" value={asked.days} error={error('days')} onValue={(days) => set({ days })} />
      </Grid>
      <ProblemLine problem={make.error} of={asked} />
      <Primary mt={4} type="submit" disabled={asked.name.trim() === ''} loading={make.isPending} loadingText="Making it">
        Make a token
      </Primary>
      {make.data && <Shown token={make.data.token} />}
    </chakra.form>
  )
}

function Shown({ token }: { token: string }) {
  const copy = async () => {
    await navigator.clipboard.writeText(token)
    say('Copied.')
  }
  return (
    <Box role="status" borderLeft="6px solid" borderColor="ink" bg="plate" px={4} py={3} my={4} maxW="column">
      <Box fontWeight="semibold" mb={2}>
        The token. It is shown now and not again.
      </Box>
      <Code display="block" overflowWrap="anywhere" whiteSpace="normal" mb={3} bg="lifted" color="ink">
        {token}
      </Code>
      <Plain onClick={() => void copy()}>Copy the token</Plain>
    </Box>
  )
}
