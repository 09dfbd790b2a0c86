import type { ArchiveContent } from './box-file'
import { MOST_KEPT } from './limits'

/**
 * What is stored, as archives that each open: one, or (where more of a kind lies there than can be kept) several. The first holds how the angler judges and
 * his choices; the others are added to it.
 */
export function inParts(content: ArchiveContent): ArchiveContent[] {
  const { box, practice, settings, ...rest } = content
  const lists = Object.entries({ ...box, ...rest }) as [keyof typeof MOST_KEPT, readonly unknown[]][]
  const many = Math.max(1, ...lists.map(([kind, list]) => Math.ceil(list.length / MOST_KEPT[kind])))
  return Array.from({ length: many }, (_, i) => {
    const part = Object.fromEntries(
      lists.map(([kind, list]) => [kind, list.slice(i * MOST_KEPT[kind], (i + 1) * MOST_KEPT[kind])]),
    )
    const pick = (of: object) => Object.fromEntries(Object.keys(of).map((kind) => [kind, part[kind]]))
    const own = i === 0 ? practice : { ...practice, techniques: [] }
    return { box: pick(box), ...pick(rest), practice: own, settings } as ArchiveContent
  })
}
