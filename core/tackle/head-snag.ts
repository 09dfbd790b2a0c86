import { HEAD_SNAG } from '../../data/heads'
import { MOUNT_SNAG } from '../../data/snags'
import type { Head } from './parts'

const BY_KIND: Readonly<Record<string, keyof typeof MOUNT_SNAG | undefined>> = HEAD_SNAG

/** How readily the point of a head catches, 0 … 1: guarded ones and buried points come through. */
export const headSnag = ({ kind }: Pick<Head, 'kind'>): number => MOUNT_SNAG[BY_KIND[kind] ?? 'head']
