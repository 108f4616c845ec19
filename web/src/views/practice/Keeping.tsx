import { Box, Flex } from '@chakra-ui/react'
import type { BackupLine } from '../../api/schema'
import { atTime } from '../../text/dates'
import { Caution } from '../../ui/states'
import { Section } from '../../ui/form'
import { FileLink } from '../../ui/TextLink'

const day = 24 * 60 * 60 * 1000

/** How the last backup of the machine ended, and the whole practice as one file. */
export function Keeping({ backup }: { backup: BackupLine | null }) {
  return (
    <Section title="Backups">
      {backup ? <Last backup={backup} /> : <None />}
      <Flex mt={4}>
        <FileLink href="/api/practice/file.zip">The whole practice as one file</FileLink>
      </Flex>
    </Section>
  )
}

const None = () => (
  <Box maxW="60ch">
    No backup was taken yet. Whoever runs this machine names a folder for one a day, or takes one by <Box as="code">./nerezza backup</Box>:
    docs/deploy.md says how.
  </Box>
)

function Last({ backup }: { backup: BackupLine }) {
  const good = backup.goodAt ? atTime(backup.goodAt) : null
  if (backup.fault)
    return (
      <Caution word="Backup">
        The backup of {atTime(backup.at)} did not work: {backup.fault}. {good ? `The last that did is of ${good}.` : 'None has worked yet.'}
      </Caution>
    )
  const old = Date.now() - new Date(backup.at).getTime() > 2 * day
  return (
    <Box maxW="60ch">
      {old ? 'The last backup is of ' : 'Backed up '}
      {atTime(backup.at)}: {backup.file}, {size(backup.bytes)}. It was restored once to see that it can be.
    </Box>
  )
}

function size(bytes: number): string {
  const mega = bytes / 1_000_000
  return mega < 1 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${mega.toFixed(mega < 10 ? 1 : 0)} MB`
}
