import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { ExercisesView } from '../../api/schema'
import { purposeNames, weekdayNames } from '../../text/codes'

/** The week as the slots that it is: day by day what stands there, what for, which finding it answers, and what else could stand there. */
export function WeekSlots({
  week,
  focused,
  onFocus,
}: {
  week: ExercisesView['week']
  focused?: string
  onFocus: (exercise: string) => void
}) {
  return (
    <Grid
      as="section"
      aria-label="The week by its slots"
      templateColumns="repeat(auto-fit, minmax(200px, 1fr))"
      borderBottom="1px solid"
      borderColor="hair"
      gap={0}
    >
      {week.map((day) => (
        <Box key={day.day} px={4} py={2.5} borderRight="1px solid" borderColor="hair" minW={0}>
          <Flex justify="space-between" align="baseline" mb={1}>
            <chakra.h2 textStyle="plain" fontWeight="strong">
              {weekdayNames[day.day]}
            </chakra.h2>
            <Box textStyle="fine" color="quiet">
              {day.minutes} min
            </Box>
          </Flex>
          <Box as="ol" listStyleType="none">
            {day.slots.map((slot) => (
              <Box as="li" key={slot.exercise} py={1}>
                <Box textStyle="fine" color="quiet">
                  {purposeNames[slot.purpose]}
                </Box>
                <chakra.button
                  type="button"
                  textAlign="left"
                  minH="chip"
                  lineHeight={1.2}
                  textStyle="note"
                  fontWeight={slot.exercise === focused ? 'strong' : 'medium'}
                  textDecoration={slot.exercise === focused ? 'underline' : undefined}
                  onClick={() => onFocus(slot.exercise)}
                >
                  {slot.name}
                </chakra.button>
                {slot.answers.length > 0 && <Box textStyle="fine">For: {slot.answers.map((one) => one.toLowerCase()).join(', ')}</Box>}
                {slot.instead && (
                  <Box textStyle="fine" color="quiet" title={slot.instead.because}>
                    else {slot.instead.name.toLowerCase()}
                  </Box>
                )}
              </Box>
            ))}
          </Box>
        </Box>
      ))}
    </Grid>
  )
}
