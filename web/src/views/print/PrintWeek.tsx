import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ItemPart, SessionPart, WeekPart } from '../../api/schema'
import { middleSet, setsInWords, topSet } from '../../parts/grid'
import { weekdayNames, weekKinds } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { clock, effort, mass, massUnit, plain } from '../../text/numbers'

export type PrintSize = 'usual' | 'large'

interface Props {
  week: WeekPart
  of: number
  size: PrintSize
  name: (exercise: string) => string
}

/** A week on a sheet of its own, A4 or Letter, with room to write what was done; in large print as many sheets as it takes. */
export function PrintWeek({ week, of, size, name }: Props) {
  return (
    <Box
      mb={8}
      css={{ '@media print': { breakAfter: 'page', '&:last-child': { breakAfter: 'auto' } } }}
      fontSize={size === 'large' ? '24px' : undefined}
      lineHeight={size === 'large' ? 1.4 : undefined}
    >
      <chakra.h2 textStyle="title" fontWeight="bold" mb={2}>
        Week {week.number} of {of}
        {week.kind === 'load' ? '' : `, ${weekKinds[week.kind].toLowerCase()}`}
      </chakra.h2>
      {/* Columns fill one after the other: six sessions of a strength block stand on one side. */}
      <Box
        columnGap="24px"
        columnCount={size === 'large' ? 1 : { base: 1, md: 2 }}
        css={{ '@media print': size === 'large' ? {} : { columnCount: 2 } }}
      >
        {week.sessions.map((session) => (
          <Session key={session.date} session={session} name={name} />
        ))}
      </Box>
    </Box>
  )
}

function Session({ session, name }: { session: SessionPart; name: (exercise: string) => string }) {
  return (
    <Box breakInside="avoid" mb={4}>
      <chakra.h3 bg="paper.band" border="1px solid #000" px={1.5} py={1} fontWeight="bold">
        {weekdayNames[session.day]}, {shortDate(session.date)}, {session.minutes} min
      </chakra.h3>
      <chakra.ul listStyleType="none">
        {session.items.map((item) => (
          <Item key={item.exercise} item={item} name={name} />
        ))}
      </chakra.ul>
    </Box>
  )
}

function Item({ item, name }: { item: ItemPart; name: (exercise: string) => string }) {
  const top = topSet(item)
  const middle = middleSet(item)
  return (
    <chakra.li border="1px solid #000" borderTopWidth={0} px={1.5} py={1}>
      <Flex gap={3} align="baseline">
        <chakra.span fontWeight={600}>
          {item.superset ? `${item.superset}: ` : ''}
          {name(item.exercise)}
        </chakra.span>
        {/* Room to write what was done. */}
        <chakra.span flex="1" minW="60px" borderBottom="1px dotted #000" aria-hidden />
      </Flex>
      <Box>
        {[
          setsInWords(item),
          top.kg ? `${mass(top.kg)} ${massUnit()}` : top.kg === 0 ? 'body weight' : '',
          top.percent ? `${plain(top.percent, 0)} %` : '',
          effort(middle.rpe),
          middle.tempo && `tempo ${middle.tempo}`,
          middle.restSeconds ? `rest ${clock(middle.restSeconds)}` : '',
        ]
          .filter(Boolean)
          .join(', ')}
      </Box>
    </chakra.li>
  )
}
