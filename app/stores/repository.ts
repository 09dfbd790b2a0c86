import { Repository } from '../../storage/repository'

/** The one repository of the page. */
export const repository = new Repository()

const two = (n: number) => String(n).padStart(2, '0')

export function today(): string {
  const at = new Date()
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}

/** Day and hour on the angler's own clock. */
export function now(): string {
  const at = new Date()
  return `${today()}T${two(at.getHours())}:${two(at.getMinutes())}:${two(at.getSeconds())}`
}
