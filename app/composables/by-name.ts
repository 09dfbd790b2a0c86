const COLLATOR = new Intl.Collator('en', { numeric: true })

/** In the order of names, figures in them by their size: “Pirrip 3” before “Pirrip 12”. */
export const byName = (a: { readonly name: string }, b: { readonly name: string }): number =>
  COLLATOR.compare(a.name, b.name)
