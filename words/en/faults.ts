import type { SchemaFault } from '../../core/fault'
import { both, count } from './grammar'

/** Fields whose name is not the beginning of what it holds. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  massKg: 'weight',
  measuredMassKg: 'measured weight',
  alteredKg: 'weight added',
  latDeg: 'latitude',
  lonDeg: 'longitude',
  utcOffsetH: 'hours ahead of UTC',
  fetchKm: 'fetch',
  trayId: 'tray',
  slot: 'compartment',
  speciesId: 'species',
  placeId: 'place',
  lureId: 'lure',
  reelId: 'reel',
  photoId: 'photo',
  retrieveId: 'retrieve',
  at: 'time',
  startedAt: 'start',
  temps: 'temperatures',
  windMps: 'wind',
  dataUrl: 'picture',
  how: 'what the hand does',
  reach: 'when',
}
const UNIT = /(?:M|Kg|Mps|C|Deg|H|S|Min|Km|N|Id)$/

/** A field by its own name: “lengthM” is the length. Digits and unknown names stay as they are. */
export function fieldName(key: string): string {
  const known = FIELD_NAMES[key]
  if (known) return known
  const bare = key.length > 40 ? `${key.slice(0, 39)}…` : key.replace(UNIT, '')
  return bare.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`) || key
}

const KINDS: Readonly<Record<string, string>> = {
  number: 'a number',
  string: 'text',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a group of fields',
  int: 'a whole number',
}
const many = ({ bound, of }: { readonly bound: number; readonly of: 'letters' | 'things' }) =>
  of === 'letters' ? count(bound, 'letter') : count(bound, 'entry', 'entries')
const quoted = (value: string) => (value === '' ? '' : `“${value}” `)

/** What is wrong with a field, and what it has to be. */
export function sayFault(fault: SchemaFault): string {
  switch (fault.kind) {
    case 'missing':
      return 'is missing'
    case 'unknown-field':
      return `has a field that Ygrion does not know: ${both(fault.keys)}`
    case 'wrong-type':
      return `${quoted(fault.value)}is not ${KINDS[fault.wanted] ?? 'what belongs here'}`
    case 'too-small':
      return `${quoted(fault.value)}is too small: ${fault.bound} or more`
    case 'too-big':
      return `${quoted(fault.value)}is too big: ${fault.bound} or less`
    case 'too-short':
      return `is too short: at least ${many(fault)}`
    case 'too-long':
      return `is too long: at most ${many(fault)}`
    case 'one-of':
      return `${quoted(fault.value)}is none of ${fault.list.join(', ')}${fault.list.length === 8 ? ' …' : ''}`
    case 'says':
      return fault.text
    case 'other':
      return `${quoted(fault.value)}is not what belongs here`
  }
}
