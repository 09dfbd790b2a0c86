import { count, useGridWords as words } from '../../../words'
import Papa from 'papaparse'
import { showCell } from '../../../core/exchange'
import type { Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { GRID_COLUMNS, blockOf, fillDown, textsOf, typeBlock, type Cell, type GridProblem } from './grid'

/** Where keys lead, rows down and columns right. */
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  PageUp: [-12, 0],
  PageDown: [12, 0],
}

interface Looks {
  /** Brings a cell into sight. */
  readonly reveal: (cell: Cell) => void
  /** Gives the keys back to the table. */
  readonly focus: () => void
  /** The field in the active cell, once it is being typed into. */
  readonly field: () => HTMLInputElement | null
}

/** The hand in the table: what is selected, what is typed, copied, pasted, filled. Each change is one step that can be undone. */
export function useGrid(lures: () => readonly Lure[], { reveal, focus, field }: Looks) {
  const box = useBox()
  const settings = useSettings()
  const active = ref<Cell>({ row: 0, column: 0 })
  const anchor = ref<Cell>({ row: 0, column: 0 })
  const editing = ref<string | null>(null)
  const problems = ref<readonly GridProblem[]>([])
  const selection = computed(() => blockOf(anchor.value, active.value))

  function within(row: number, column: number): boolean {
    const { from, to } = selection.value
    return row >= from.row && row <= to.row && column >= from.column && column <= to.column
  }
  const text = (lure: Lure, column: number) => {
    const c = GRID_COLUMNS[column]
    return c ? showCell(c, lure, box.trayById, settings.system) : ''
  }
  function go(row: number, column: number, extend = false) {
    active.value = {
      row: Math.max(0, Math.min(lures().length - 1, row)),
      column: Math.max(0, Math.min(GRID_COLUMNS.length - 1, column)),
    }
    if (!extend) anchor.value = active.value
    reveal(active.value)
  }

  async function take({ changed, problems: found }: ReturnType<typeof typeBlock>, what: string) {
    problems.value = found
    await box.saveAll('lures', changed, `${what} ${count(changed.length, 'lure')}`)
  }
  const typed = (texts: readonly (readonly string[])[]) =>
    typeBlock(lures(), selection.value, texts, box.box, settings.system)

  async function settle(move: 'down' | 'right' | 'stay') {
    const value = editing.value
    if (value === null) return
    editing.value = null
    const at = active.value
    const lure = lures()[at.row]
    if (lure && value !== text(lure, at.column)) {
      anchor.value = at
      await take(typed([[value]]), 'Changed')
    }
    if (move === 'down') go(at.row + 1, at.column)
    else if (move === 'right') go(at.row, at.column + 1)
    focus()
  }
  async function edit(start: string) {
    editing.value = start
    await nextTick()
    field()?.focus()
    if (start !== '') field()?.setSelectionRange(start.length, start.length)
  }

  function keyWhileTyping(event: KeyboardEvent) {
    if (event.key === 'Enter') void settle('down')
    else if (event.key === 'Tab') void settle('right')
    else if (event.key === 'Escape') {
      editing.value = null
      focus()
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
  function key(event: KeyboardEvent) {
    if (editing.value !== null) return keyWhileTyping(event)
    const { row, column } = active.value
    const last = { row: lures().length - 1, column: GRID_COLUMNS.length - 1 }
    const arrow = ARROWS[event.key]
    const command = event.ctrlKey || event.metaKey
    const lure = lures()[row]
    if (arrow) go(row + arrow[0], column + arrow[1], event.shiftKey)
    else if (event.key === 'Home') go(command ? 0 : row, 0, event.shiftKey)
    else if (event.key === 'End') go(command ? last.row : row, last.column, event.shiftKey)
    else if (command && event.key.toLowerCase() === 'd')
      void take(fillDown(lures(), selection.value, box.trayById, box.box, settings.system), words.filledDown)
    else if (command && event.key.toLowerCase() === 'a') {
      anchor.value = { row: 0, column: 0 }
      active.value = last
    } else if (event.key === 'Enter' || event.key === 'F2') void (lure && edit(text(lure, column)))
    else if (event.key === 'Delete' || event.key === 'Backspace') void take(typed([['']]), words.cleared)
    else if (event.key.length === 1 && !command && !event.altKey) void edit(event.key)
    else return
    event.preventDefault()
  }
  function copy(event: ClipboardEvent) {
    if (editing.value !== null) return
    const texts = textsOf(lures(), selection.value, box.trayById, settings.system)
    event.clipboardData?.setData('text/plain', Papa.unparse(texts, { delimiter: '\t', newline: '\n' }))
    event.preventDefault()
  }
  function paste(event: ClipboardEvent) {
    if (editing.value !== null) return
    const source = event.clipboardData?.getData('text/plain').replace(/\r?\n$/, '') ?? ''
    event.preventDefault()
    void take(
      typed(Papa.parse<string[]>(source, { delimiter: source.includes('\t') ? '\t' : '' }).data),
      words.pastedInto,
    )
  }
  function press(event: PointerEvent, row: number, column: number) {
    if (editing.value !== null) void settle('stay')
    go(row, column, event.shiftKey)
    focus()
  }
  watch(
    () => lures().length,
    () => go(active.value.row, active.value.column),
  )
  return { active, editing, problems, within, text, settle, edit, key, copy, paste, press }
}
