/** How a lure of the demo box is written down. Lengths in mm and masses in g here, as on a packet; SI in the box. */

type Colour = readonly [back: string, flank: string, belly: string, pattern?: string]
type More = {
  sound?: string
  weighedG?: number
  count?: number
  notes?: string
  /** Fitted with single hooks in place of trebles. */
  single?: boolean
}

let next = 0
export function lure(
  family: string,
  tray: string,
  name: string,
  mm: number,
  g: number,
  colour: Colour,
  traits: object,
  more: More = {},
) {
  next += 1
  return {
    id: `demo-${String(next).padStart(3, '0')}`,
    family,
    name,
    lengthM: mm / 1000,
    massKg: g / 1000,
    measuredMassKg: more.weighedG === undefined ? null : more.weighedG / 1000,
    colour: { back: colour[0], flank: colour[1], belly: colour[2], pattern: colour[3] ?? 'plain' },
    sound: more.sound ?? 'silent',
    count: more.count ?? 1,
    tray,
    single: more.single ?? false,
    notes: more.notes ?? '',
    traits,
  }
}

/** Frame and skirt as they came. */
export const FRAME = { hammered: false, skirt: 'full', wire: 'thin' } as const

export const TRAYS = {
  blades: 'Blades and wire',
  plugs: 'Plugs',
  slim: 'Slim plugs',
  softs: 'Soft bodies',
  jigs: 'Jigs',
  metal: 'Metal',
} as const
