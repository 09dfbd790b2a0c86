/** Dashes tell the paths of set-ups that are compared apart without their colours. */
export const PATH_DASHES = ['', '9 5', '3 4', '14 4 3 4'] as const
