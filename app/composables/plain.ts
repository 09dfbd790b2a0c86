/** Without Vue's proxies, which cannot be sent to a worker or written to the database. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}
