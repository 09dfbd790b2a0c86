/** A worker's service on this thread: as there, everything is asked with a promise, and only plain data crosses. */
export function onThread<S extends object>(service: S): S {
  const cross = (value: unknown): unknown =>
    typeof value === 'function' || value instanceof Blob ? value : structuredClone(value)
  return new Proxy(service, {
    get: (of, name) => {
      const method: unknown = Reflect.get(of, name)
      if (typeof method !== 'function') return method
      return async (...given: unknown[]) => cross(await Reflect.apply(method, of, given.map(cross)))
    },
  })
}
