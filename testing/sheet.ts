/**
 * A spreadsheet as anglers keep them: 300 invented lures, units mixed in headings and cells, fractions, stray spaces, families spelt as people spell
 * them, semicolons for commas. Five rows cannot be read as they stand.
 */
const FAMILIES = [
  ['Crank bait', 'crankbait'],
  ['cranckbait', 'crankbait'],
  [' JERKBAIT ', 'jerkbait'],
  ['Spinner', 'in-line-spinner'],
  ['spinner bait', 'spinnerbait'],
  ['Spoons', 'casting-spoon'],
  ['Paddle-tail', 'paddle-tail'],
  ['paddel tail', 'paddle-tail'],
  ['Stick Worm', 'stick-worm'],
  ['Hair jigs', 'hair-jig'],
  ['Top Water', 'surface'],
  ['Blade bait', 'blade-bait'],
] as const
const LENGTHS = [
  ['7', 0.07],
  [' 8.5 ', 0.085],
  ['9,5', 0.095],
  ['3 1/2 in', 0.0889],
  ['2 3/4"', 0.06985],
  ['110 mm', 0.11],
  ['4½ in', 0.1143],
] as const
const WEIGHTS = [
  ['3/8 oz', 0.010631],
  ['10.5', 0.0105],
  ['14g', 0.014],
  [' 1/2 oz ', 0.014175],
  ['7,5 g', 0.0075],
  ['1/4oz', 0.007087],
  ['0.018 kg', 0.018],
] as const
const COLOURS = ['olive/silver/white', 'Gold', ' black ', 'chartreuse', 'silver / white', 'Brown', 'chrome'] as const
const TRAYS = ['Blue box', 'Boat bag', ' Blue box', ''] as const

export interface SheetLure {
  readonly name: string
  readonly family: string
  readonly lengthM: number
  readonly massKg: number
}

/** Rows of the file (headings are row 1) that must be set aside, and the column at fault. */
export const BROKEN_ROWS: ReadonlyMap<number, string> = new Map([
  [17, 'weight'],
  [64, 'family'],
  [120, 'length'],
  [201, 'count'],
  [288, 'name'],
])
const BREAKS: Readonly<Record<string, readonly [column: number, cell: string]>> = {
  name: [0, '  '],
  family: [1, 'Teapot'],
  length: [2, 'long'],
  weight: [3, ''],
  count: [5, 'a few'],
}
/** What mends each of them. */
export const MENDED: Readonly<Record<string, string>> = {
  name: 'Mended name',
  family: 'Crankbait',
  length: '8 cm',
  weight: '12 g',
  count: '3',
}

const pick = <T>(list: readonly T[], i: number): T => list[i % list.length] as T

/** The sheet and what its good rows say. */
export function messySheet(rows = 300, separator = ';'): { text: string; lures: SheetLure[] } {
  const lines = ['Lure;Type;Length (cm);Weight (g);Colour;Qty;Where'.replaceAll(';', separator)]
  const lures: SheetLure[] = []
  for (let i = 0; i < rows; i++) {
    const row = i + 2
    const [familyText, family] = pick(FAMILIES, i * 5 + (i >> 3))
    const [lengthText, lengthM] = pick(LENGTHS, i * 3 + (i >> 4))
    const [weightText, massKg] = pick(WEIGHTS, i * 2 + (i >> 2))
    const name = `Wibblet ${i + 1}`
    const cells = [
      i % 4 === 0 ? `  ${name} ` : name,
      familyText,
      lengthText,
      weightText,
      pick(COLOURS, i),
      i % 3 === 0 ? '' : String(1 + (i % 6)),
      pick(TRAYS, i >> 1),
    ]
    const broken = BREAKS[BROKEN_ROWS.get(row) ?? '']
    if (broken) cells[broken[0]] = broken[1]
    else lures.push({ name, family, lengthM, massKg })
    lines.push(
      cells.map((c) => (c.includes(separator) || c.includes('"') ? `"${c.replaceAll('"', '""')}"` : c)).join(separator),
    )
  }
  return { text: `\uFEFF${lines.join('\r\n')}\r\n\r\n`, lures }
}
