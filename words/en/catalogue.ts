/** The variant of a message that has a code. */
export type WithCode<M extends { code: string }, C> = M extends unknown ? (C extends M['code'] ? M : never) : never

/** A sentence for every code of a kind of message: one that lacks a code does not compile. */
export type Catalogue<M extends { code: string }, Rest extends readonly unknown[] = []> = {
  readonly [C in M['code']]: (message: WithCode<M, C>, ...rest: Rest) => string
}

/** The sentence of a message. */
export function read<M extends { code: string }, Rest extends readonly unknown[]>(
  catalogue: Catalogue<M, Rest>,
  message: M,
  ...rest: Rest
): string {
  const sentence = catalogue[message.code as M['code']] as (message: M, ...rest: Rest) => string
  return sentence(message, ...rest)
}

/** What may stand in a sentence of a screen. */
export type Shown = string | number
