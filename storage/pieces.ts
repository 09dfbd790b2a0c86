/** Rows written at once: between two pieces the page breathes. */
const PIECE = 500

/** Writes many rows piece by piece, in the order given. */
export async function inPieces<T>(rows: readonly T[], write: (piece: readonly T[]) => Promise<unknown>): Promise<void> {
  for (let i = 0; i < rows.length; i += PIECE) await write(rows.slice(i, i + PIECE))
}
