import type { InputProps } from '@chakra-ui/react'
import { useState } from 'react'
import { type Measure, readMeasure, toldMeasure } from '../text/numbers'
import { NumberField } from './form'

interface Props extends Omit<InputProps, 'value'> {
  label: string
  hint?: string
  error?: string
  measure: Measure
  /** In kilograms or centimetres, or what was typed where that is no number. */
  value: string
  onValue: (value: string) => void
}

/** A mass or a length: shown and typed in the coach's unit, held in kilograms or centimetres, so that a draft means the same in both. */
export function MeasureField({ measure, value, onValue, ...rest }: Props) {
  const [typing, setTyping] = useState<string | null>(null)
  return (
    <NumberField
      value={typing ?? toldMeasure(measure, value)}
      onValue={(text) => {
        setTyping(text)
        onValue(readMeasure(measure, text))
      }}
      onBlur={() => setTyping(null)}
      of={value}
      {...rest}
    />
  )
}
