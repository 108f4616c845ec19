/** A number as it is read: no trailing zeros, at most this many decimals. */
export function plain(value: number, decimals = 2): string {
  return String(Number(value.toFixed(decimals)))
}

/** 1:30 */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
