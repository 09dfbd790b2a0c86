import { useMatch } from '~/stores/match'

/** The part of the page that calls this looks at the answer: it is worked out while any such part is there. */
export function useMatchShown() {
  const match = useMatch()
  match.shown += 1
  onBeforeUnmount(() => (match.shown -= 1))
  return match
}
