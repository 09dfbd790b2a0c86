import { expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { kinKeyOf, sizeKeyOf } from '.'

const named = (name: string) => {
  const lure = WORLD.box.lures.find((l) => l.name === name)
  if (!lure) throw new Error(`no ${name}`)
  return lure
}
const kin = (a: string, b: string) => kinKeyOf(named(a)) === kinKeyOf(named(b))

it('sizes and colours of one model are kin; another build, another family or another name is not', () => {
  expect(kin('Waglet Rib 75', 'Waglet Rib 120')).toBe(true)
  expect(kin('Flatling 90', 'Flatling 90 Dusk')).toBe(true)
  expect(kin('Bumblecrag S', 'Bumblecrag S Coal')).toBe(false)
  expect(kin('Waglet Rib 95', 'Waglet Fat 100')).toBe(false)
  expect(kin('Nimbletwig 75', 'Nimbletwig 75 Sink')).toBe(false)
  const plain = named('Flatling 90')
  expect(kinKeyOf({ ...plain, name: '90' })).toBe(kinKeyOf({ ...plain, name: '90 Dusk' }))
  expect(kinKeyOf({ ...plain, name: 'Own worm' })).not.toBe(kinKeyOf({ ...plain, name: 'Other worm' }))
})

it('size and weight tell lures of one model apart; a few per cent do not', () => {
  const plain = { lengthM: 0.095, massKg: 0.01 }
  expect(sizeKeyOf({ lengthM: 0.096, massKg: 0.0101 })).toBe(sizeKeyOf(plain))
  expect(sizeKeyOf({ lengthM: 0.12, massKg: 0.01 })).not.toBe(sizeKeyOf(plain))
  expect(sizeKeyOf({ lengthM: 0.095, massKg: 0.014 })).not.toBe(sizeKeyOf(plain))
})
