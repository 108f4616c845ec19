import { Box, chakra, Grid } from '@chakra-ui/react'
import { limits } from '../../api/limits'
import { useState } from 'react'
import type { FloorColors } from './floor-theme'
import { Stepper } from './Stepper'

export interface MoreValues {
  heldTo: number | null
  pain: number | null
  note: string
}

export const noMore: MoreValues = { heldTo: null, pain: null, note: '' }

interface Props {
  values: MoreValues
  onValues: (values: MoreValues) => void
  colors: FloorColors
  /** What stands beside every pain entry. */
  caution: string
}

/** What else is worth writing down for this set: where form changed, pain, a note. Set before the rating is tapped. */
export function More({ values, onValues, colors, caution }: Props) {
  const [open, setOpen] = useState(false)
  return (
    <Box mt={3}>
      <chakra.button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        minH="hand"
        w="100%"
        border="1px solid"
        borderColor={colors.hair}
        _hover={{ bg: colors.press }}
      >
        {open ? 'Less' : 'Form, pain, note'}
      </chakra.button>
      {open && (
        <Grid gap={2} mt={2}>
          <Stepper
            label="Form held to rep"
            value={values.heldTo === null ? 'all' : String(values.heldTo)}
            onLess={() => onValues({ ...values, heldTo: Math.max(0, (values.heldTo ?? 10) - 1) })}
            onMore={() => onValues({ ...values, heldTo: values.heldTo === null || values.heldTo >= 30 ? null : values.heldTo + 1 })}
            colors={colors}
          />
          <Stepper
            label="Pain, 0 to 10"
            value={values.pain === null ? 'none' : String(values.pain)}
            onLess={() => onValues({ ...values, pain: !values.pain ? null : values.pain - 1 })}
            onMore={() => onValues({ ...values, pain: Math.min(10, (values.pain ?? 0) + 1) })}
            colors={colors}
          />
          <Box color={colors.quiet}>{caution}</Box>
          <chakra.label>
            Note
            <chakra.textarea
              value={values.note}
              maxLength={limits.logSet.note.length}
              rows={2}
              onChange={(event) => onValues({ ...values, note: event.target.value })}
              w="100%"
              bg="transparent"
              border="1px solid"
              borderColor={colors.hair}
              p={2}
            />
          </chakra.label>
        </Grid>
      )}
    </Box>
  )
}
