import { TextField } from './form'

interface Props {
  label: string
  value: string
  error?: string
  onValue: (value: string) => void
}

/** The password that one signs in with. */
export function OwnPassword({ onValue, ...rest }: Props) {
  return <TextField type="password" autoComplete="current-password" required onChange={(e) => onValue(e.target.value)} {...rest} />
}

/** A password that is chosen now. */
export function NewPassword({ onValue, ...rest }: Props) {
  return (
    <TextField
      type="password"
      autoComplete="new-password"
      hint="Ten letters or more; several words are easy to keep."
      required
      onChange={(e) => onValue(e.target.value)}
      {...rest}
    />
  )
}
