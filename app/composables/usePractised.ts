import type { InjectionKey } from 'vue'
import type { Lure } from '../../core/tackle'
import type { useOutings } from '~/stores/outings'

/** What an outing on the practice lake has in place of the log, the clock and the box. */
interface Practised {
  readonly log: Pick<ReturnType<typeof useOutings>, 'log' | 'change' | 'takeAlong' | 'removeEntry' | 'undoLast'>
  readonly now: Ref<string>
  readonly lureOf: (id: string) => Lure | undefined
}
export const PRACTISED: InjectionKey<Practised> = Symbol('practised')

/** Null on real water. */
export const usePractised = (): Practised | null => inject(PRACTISED, null)
