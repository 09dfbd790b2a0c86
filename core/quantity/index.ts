export { UNITS, fromSi, toSi, type Unit, type UnitId } from './units'
export { ROLES, unitFor, type RoleId, type UnitSystem } from './roles'
export { parseMeasure, type ParseProblem } from './parse'
export { showFigure, showMeasure, showRange } from './show'
