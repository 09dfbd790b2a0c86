import { Repository } from '../../storage/repository'

/** The one repository of the page. */
export const repository = new Repository()

const two = (n: number) => String(n).padStart(2, '0')

const dayOf = (at: Date) => `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`

export const today = (): string => dayOf(new Date())

/** The day after today. */
export function tomorrow(): string {
  const at = new Date()
  at.setDate(at.getDate() + 1)
  return dayOf(at)
}

/** Day and hour on the angler's own clock. */
export function now(): string {
  const at = new Date()
  return `${today()}T${two(at.getHours())}:${two(at.getMinutes())}:${two(at.getSeconds())}`
}
