import type { Piece } from '../../core/match'
import type { Lure, PartKind, PartOf } from '../../core/tackle'
import { sayPiece } from '../../words'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { newId } from '../../core/new-id'

/** Puts pieces that are missing in the box: each gets an id of its own, lines the id of the reel that comes with them. */
export function usePutInBox() {
  const box = useBox()
  const settings = useSettings()
  const say = (piece: Piece) => sayPiece(piece, settings.system)
  async function put(pieces: readonly Piece[]) {
    const ids = new Map<string, string>()
    const idFor = (piece: Piece) => {
      const { id } = piece.kind === 'singles' ? piece.lure : piece.part
      const known = ids.get(id)
      if (known) return known
      const fresh = piece.kind === 'singles' || piece.kind === 'respool' ? id : newId()
      ids.set(id, fresh)
      return fresh
    }
    for (const piece of pieces) {
      if (piece.kind === 'singles') await box.save('lures', piece.lure as Lure)
      else if (piece.kind === 'respool') await box.save('lines', piece.part)
      else {
        const reelId =
          'reelId' in piece.part && piece.part.reelId ? { reelId: ids.get(piece.part.reelId) ?? piece.part.reelId } : {}
        const part = { ...piece.part, ...reelId, id: idFor(piece), name: say(piece) } as PartOf<PartKind>
        await box.save(piece.kind, part as never)
      }
    }
  }
  return { say, put }
}
