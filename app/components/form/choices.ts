export const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1)

/** Plain words as the choices of a select: what is kept stays as it is, what is read begins with a capital. */
export const choices = <T extends string>(values: readonly T[]): { value: T; title: string }[] =>
  values.map((value) => ({ value, title: capital(value) }))
