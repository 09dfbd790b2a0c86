/** From the fifth version to the sixth: the same things by the field's words. What is read is data of unknown quality: the schemas judge the result. */

type Raw = Record<string, unknown>
const record = (value: unknown): Raw => (typeof value === 'object' && value !== null ? (value as Raw) : {})
const list = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])

/** Keys by their new names, in the order they had; what is not named stays. */
function renamed(value: unknown, names: Readonly<Record<string, string>>): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [Object.hasOwn(names, key) ? names[key] : key, v]))
}
const changed = (value: unknown, key: string, to: (old: unknown) => unknown): unknown =>
  key in record(value) ? { ...record(value), [key]: to(record(value)[key]) } : value

const WAY = { pullMps: 'retrieveSpeedMps', pullS: 'pullDurationS', restS: 'pauseS', fit: 'points' }
const KINDS: Readonly<Record<string, string>> = { trial: 'comparison', 'trial-end': 'comparison-end' }

/** One outing of the fifth version: retrieves by speed, pull and pause; a “thump” is a hard knock, a “trial” a comparison. */
export function outingFrom5(raw: unknown): unknown {
  const carried = (one: unknown) =>
    changed(renamed(one, { mould: 'modelKey' }), 'ways', (ways) => list(ways).map((way) => renamed(way, WAY)))
  const entry = (one: unknown) => {
    const { kind, answer } = record(one)
    const name = typeof kind === 'string' && Object.hasOwn(KINDS, kind) ? KINDS[kind] : undefined
    if (name) return { ...record(one), kind: name }
    return answer === 'thump' ? { ...record(one), answer: 'hard-knock' } : one
  }
  return changed(
    changed(raw, 'carried', (all) => list(all).map(carried)),
    'entries',
    (all) => list(all).map(entry),
  )
}

/** How the angler judged in the fifth version: a school was a side of an open question. */
export function practiceFrom5(raw: unknown): unknown {
  const where = (test: unknown) =>
    changed(renamed(test, { where: 'delivery' }), 'delivery', (ways) =>
      list(ways).map((way) => (way === 'under-rod' ? 'vertical' : way)),
    )
  const effect = (one: unknown) =>
    ['favour', 'avoid', 'unless'].reduce((now: unknown, key) => changed(now, key, where), one)
  const rule = (one: unknown) =>
    changed(
      changed(renamed(one, { school: 'side' }), 'when', (when) =>
        renamed(when, { moonLit: 'moonIlluminatedFraction', schools: 'schooling' }),
      ),
      'effects',
      (effects) => list(effects).map(effect),
    )
  return changed(renamed(raw, { schools: 'sides' }), 'own', (own) => list(own).map(rule))
}

/** A measurement of the fifth version. */
export const testFrom5 = (raw: unknown): unknown => renamed(raw, { pullMps: 'retrieveSpeedMps' })

/** A rig of the fifth version. */
export const rigFrom5 = (raw: unknown): unknown => renamed(raw, { way: 'type' })

/** What was thrown away in the fifth version. */
export function binItemFrom5(raw: unknown): unknown {
  const { kind } = record(raw)
  if (kind === 'tests') return changed(raw, 'item', testFrom5)
  return kind === 'rigs' ? changed(raw, 'item', rigFrom5) : raw
}

/** Rows of a spreadsheet set aside in the fifth version: what was wrong stood there in words, and stays so. */
export function rejectedFrom5(raw: unknown): unknown {
  const problem = (one: unknown) => {
    const { column, reason } = record(one)
    return { column, problem: { code: 'invalid', detail: String(reason ?? '') } }
  }
  return changed(raw, 'rows', (rows) =>
    list(rows).map((row) => changed(row, 'problems', (problems) => list(problems).map(problem))),
  )
}

/** A whole archive of the fifth version. */
export function archiveFrom5(raw: Raw): Raw {
  const box = record(raw.box)
  return {
    ...raw,
    version: 6,
    box: { ...box, tests: list(box.tests).map(testFrom5), rigs: list(box.rigs).map(rigFrom5) },
    bin: list(raw.bin).map(binItemFrom5),
    practice: practiceFrom5(raw.practice),
    outings: list(raw.outings).map(outingFrom5),
  }
}
