import { readFileSync } from 'node:fs'

/** Names that the vocabulary retires: those in back-ticks in its last column, but for those retired in one place only (“`x` in `core/match`”). */
export function retiredWords() {
  const table = readFileSync(new URL('../docs/vocabulary.md', import.meta.url), 'utf8')
  return table.split('\n').flatMap((line) => {
    const last = line.startsWith('|') ? (line.split('|').at(-2) ?? '') : ''
    const everywhere = last.replace(/(?:`[^`]+`(?:, )?)+ in `[^`]+`/g, '')
    return [...everywhere.matchAll(/`([A-Za-z_]\w*)`/g)].map((match) => match[1] ?? '')
  })
}
