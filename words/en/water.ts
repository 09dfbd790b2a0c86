import { HOLDING_SENTENCES } from './holding'

/** Why fish are taken to hold where they do. */
export const sayHolding = (holdingId: string): string =>
  (HOLDING_SENTENCES as Readonly<Record<string, string>>)[holdingId] ?? ''
