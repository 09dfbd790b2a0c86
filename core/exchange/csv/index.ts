export { COLUMNS, WRITTEN, cellUnit, columnOf, readCell, showCell, type Column } from './columns'
export { MOST_ROWS, guessColumns, readSheet, writeLures, type Sheet, type SheetRead } from './sheet'
export { lureFrom, type CellProblem, type LureRead, type Mapping } from './rows'
export { planImport, type AsideRow, type ImportPlan } from './plan'
