import { FALL_TAKEN } from '../../data/fall-taken'
import type { FamilyId } from './lure'

/** How readily fish take a lure of this family as it sinks after the cast, 0 … 1; 0 for what does not sink. */
export const fallTaken = (family: FamilyId): number => (FALL_TAKEN as Partial<Record<FamilyId, number>>)[family] ?? 0
