import type { FileProblem } from './problem'

type Json = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly problem: FileProblem }

/** Where the engine says that it stopped: a position, or the text around it. */
const POSITION = /position (\d+)/
const AROUND = /(?:\.\.\.)?"([\s\S]+?)"(?:\.\.\.)? is not valid/

/** Letters of the file that are told from where it breaks. */
const NEAR = 24

/** Reads JSON; where it is none, says in which line it breaks and what stands there. Never throws. */
export function readJson(text: string): Json {
  try {
    return { ok: true, value: JSON.parse(text) }
  } catch (error) {
    const said = error instanceof Error ? error.message : ''
    const at = Number(POSITION.exec(said)?.[1] ?? text.indexOf(AROUND.exec(said)?.[1] ?? text))
    const line = text.slice(0, Math.max(0, at)).split('\n').length
    const near = text
      .slice(Math.max(0, at - NEAR / 2), Math.max(0, at) + NEAR)
      .replace(/[\s\p{C}]+/gu, ' ')
      .trim()
    return { ok: false, problem: { code: 'not-json', line, near } }
  }
}
