/** What has places by number: a list, a tuple, or numbers in a row. */
interface Indexed<T> {
  readonly length: number
  readonly [index: number]: T
}

/**
 * The item at an index that must be there.
 *
 * @throws RangeError where the list holds nothing at that index: a bug, which must not pass as a zero
 */
export function itemAt<T>(list: Indexed<T>, index: number): T {
  const item = list[index]
  if (item === undefined) throw new RangeError(`no item ${index} in a list of ${list.length}`)
  return item as T
}
