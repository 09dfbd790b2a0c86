import { Repository } from '../../storage/repository'

/** The one repository of the page. */
export const repository = new Repository()

export function today(): string {
  const now = new Date()
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}
