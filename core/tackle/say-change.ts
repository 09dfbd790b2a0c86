import { showMeasure, type UnitSystem } from '../quantity'
import { fieldsOfLure, type Change, type Patch } from './changes'
import { sayHooks } from './hung-hooks'
import type { Lure } from './lure'

/** How a changed field is called. */
const FIELDS: Readonly<Record<string, string>> = {
  lengthM: 'length',
  alteredKg: 'added weight',
  hooks: 'hooks',
  sound: 'sound',
  'traits.blade': 'blade',
  'traits.bladeSize': 'blade number',
  'traits.bladeFinish': 'blade finish',
  'traits.hammered': 'hammered',
  'traits.skirt': 'skirt',
  'traits.buoyancy': 'at rest it',
  'traits.loadKg': 'filler',
}

function sayValue(key: string, value: Patch[string], system: UnitSystem): string {
  if (value === undefined || value === null) return 'none'
  if (typeof value === 'object') return sayHooks(value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string') return value
  if (key.endsWith('Kg')) return showMeasure(value, 'lureMass', system)
  if (key.endsWith('M')) return showMeasure(value, 'lureLength', system)
  return String(value)
}

/** What a change did, field by field: “length 15 cm → 9 cm”. What came after it is read off the next change of the same field, or the lure. */
export function sayChange(lure: Lure, change: Change, system: UnitSystem): string {
  const at = lure.changes.indexOf(change)
  const now = fieldsOfLure(lure)
  return Object.entries(change.before)
    .map(([key, before]) => {
      const later = lure.changes.slice(at + 1).find((c) => key in c.before)
      const after = later ? later.before[key] : now[key]
      return `${FIELDS[key] ?? key.replace('traits.', '')} ${sayValue(key, before, system)} → ${sayValue(key, after, system)}`
    })
    .join(', ')
}
