import type { TrayPlace } from '../../core/tackle'
import interact from 'interactjs'

/** A finger rests this long on a lure before it lifts it, ms: a quicker one scrolls the page. */
const FINGER_HOLD_MS = 260

function placeAt(x: number, y: number): TrayPlace | null {
  const slot = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-slot], [data-loose]')
  if (!slot) return null
  if (slot.dataset.loose !== undefined) return { trayId: null, slot: null }
  const trayId = slot.closest<HTMLElement>('[data-tray]')?.dataset.tray
  return trayId ? { trayId, slot: Number(slot.dataset.slot) } : null
}

/** Lures are lifted by mouse or finger and laid into another compartment. `over` follows the hand; `drop` is where it lets go. */
export function useTrayDrag(
  root: Readonly<Ref<HTMLElement | null>>,
  over: (place: TrayPlace | null) => void,
  drop: (lureId: string, place: TrayPlace) => void,
) {
  let ghost: HTMLElement | null = null
  let lifted: string | null = null
  let justDropped = false

  const follow = (x: number, y: number) => {
    if (ghost) ghost.style.transform = `translate(${x - ghost.offsetWidth / 2}px, ${y - ghost.offsetHeight / 2}px)`
  }
  function end() {
    ghost?.remove()
    ghost = null
    lifted = null
    over(null)
  }
  /** While something is lifted, the page must not scroll under the finger. */
  const still = (event: TouchEvent) => {
    if (lifted && event.cancelable) event.preventDefault()
  }
  /** The click that a drop ends with opens nothing. */
  const swallow = (event: MouseEvent) => {
    if (!justDropped) return
    justDropped = false
    event.stopPropagation()
    event.preventDefault()
  }

  let draggable: ReturnType<typeof interact> | null = null
  onMounted(() => {
    const context = root.value
    if (!context) return
    context.addEventListener('touchmove', still, { passive: false })
    context.addEventListener('click', swallow, true)
    draggable = interact('[data-lure-id]', { context }).draggable({
      hold: matchMedia('(pointer: coarse)').matches ? FINGER_HOLD_MS : 0,
      autoScroll: { container: window, margin: 60, speed: 700 },
      cursorChecker: () => 'grab',
      listeners: {
        start({ target, clientX, clientY }: { target: HTMLElement; clientX: number; clientY: number }) {
          lifted = target.dataset.lureId ?? null
          if (matchMedia('(pointer: coarse)').matches) navigator.vibrate?.(15)
          const { width, height } = target.getBoundingClientRect()
          ghost = target.cloneNode(true) as HTMLElement
          ghost.removeAttribute('data-lure-id')
          ghost.removeAttribute('data-lure')
          ghost.setAttribute('aria-hidden', 'true')
          Object.assign(ghost.style, {
            position: 'fixed',
            inset: '0 auto auto 0',
            width: `${width}px`,
            height: `${height}px`,
            minHeight: '0',
            pointerEvents: 'none',
            zIndex: '2000',
            opacity: '0.92',
            background: '#f6e3b4',
            boxShadow: '0 8px 24px rgba(0,0,0,.35)',
          })
          document.querySelector('.v-application')?.append(ghost)
          follow(clientX, clientY)
        },
        move({ clientX, clientY }: { clientX: number; clientY: number }) {
          follow(clientX, clientY)
          over(placeAt(clientX, clientY))
        },
        end({ clientX, clientY }: { clientX: number; clientY: number }) {
          const place = placeAt(clientX, clientY)
          if (lifted && place) drop(lifted, place)
          justDropped = true
          setTimeout(() => (justDropped = false), 50)
          end()
        },
      },
    })
  })
  onBeforeUnmount(() => {
    draggable?.unset()
    root.value?.removeEventListener('touchmove', still)
    root.value?.removeEventListener('click', swallow, true)
    end()
  })
}
