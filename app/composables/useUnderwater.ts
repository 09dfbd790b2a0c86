import { storeToRefs } from 'pinia'
import { useBelow } from '~/stores/below'

/** Colours as they look where the fish are. */
export const useUnderwater = () => storeToRefs(useBelow())
