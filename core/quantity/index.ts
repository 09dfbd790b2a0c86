export { UNITS, fromSi, toSi, type UnitId } from './units'
export { ROLES, unitFor, type RoleId, type UnitSystem } from './roles'
export { parseMeasure, type ParseProblem } from './parse'
export { showFigure, showMeasure } from './show'
