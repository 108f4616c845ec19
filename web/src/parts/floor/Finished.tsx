import { Box } from '@chakra-ui/react'
import type { FloorView } from '../../api/schema'
import type { FloorLog } from '../../hooks/useFloor'
import { dayName } from '../../text/dates'
import { TextLink } from '../../ui/TextLink'
import { DoneSets } from './DoneSets'
import type { FloorColors } from './floor-theme'
import { Summary } from './Summary'

/** The session is over: what was done, and what it came to. */
export function Finished({ view, log, ended, colors }: { view: FloorView; log: FloorLog; ended: readonly string[]; colors: FloorColors }) {
  const next = view.dates.find((day) => day > view.date)
  const unsent = log.waiting.filter((entry) => !entry.sent).length
  return (
    <Box p={5}>
      <Box textStyle="figure" fontWeight="strong">
        {ended.length > 0 ? 'The session is over.' : 'All sets are done.'}
      </Box>
      <Box mt={2} color={colors.quiet}>
        {unsent > 0 ? `${unsent} not sent yet; they are kept here and sent as soon as the server answers.` : 'Everything is saved.'}
      </Box>
      {unsent === 0 && <Summary clientId={view.clientId} date={view.date} colors={colors} />}
      {view.items.map((item) => (
        <Box key={item.exercise} mt={4}>
          <Box fontWeight="semibold">
            {item.name}
            {ended.includes(item.exercise) ? ', ended early' : ''}
          </Box>
          <DoneSets view={view} item={item} log={log} colors={colors} />
        </Box>
      ))}
      {next && (
        <Box mt={5}>
          <TextLink to={`?date=${next}`}>See the next session, {dayName(next)}: its loads follow from what was logged.</TextLink>
        </Box>
      )}
    </Box>
  )
}
