const two = (n: number) => String(n).padStart(2, '0')

/** The angler's own clock with its distance from universal time, to the second. */
export function momentNow(at = new Date()): string {
  const ahead = -at.getTimezoneOffset()
  const sign = ahead < 0 ? '-' : '+'
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
  const clock = `${two(at.getHours())}:${two(at.getMinutes())}:${two(at.getSeconds())}`
  return `${day}T${clock}${sign}${two(Math.floor(Math.abs(ahead) / 60))}:${two(Math.abs(ahead) % 60)}`
}
