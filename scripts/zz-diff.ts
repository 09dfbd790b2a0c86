import { lineDifferences } from '../core/testing/reference/differences'
const g = new Map<string, [number, number]>()
const d = lineDifferences(Number(process.argv[2] ?? 1))
for (const r of d) {
  const [a, b] = g.get(r.group) ?? [0, 0]
  g.set(r.group, [a + (r.within ? 1 : 0), b + 1])
}
console.log([...g].map(([k, [a, b]]) => `${k} ${a}/${b}`).join(' '), d.filter((r) => r.within).length, '/', d.length)
