import { measureWords as words } from '../../words'
import {
  parseMeasure,
  showFigure,
  showMeasure,
  unitFor,
  UNITS,
  type ParseProblem,
  type RoleId,
} from '../../core/quantity'
import { useSettings } from '~/stores/settings'

const WORDS: Record<ParseProblem, (text: string) => string> = {
  empty: () => words.enterANumber,
  'not-a-number': (text) => words.isNotANumber(text),
  unclear: (text) => words.couldBeEither(text, Number(text.replace(',', '.')), text.replace(',', '')),
  'unknown-unit': (text) => words.unknownUnit(text),
  'wrong-kind': (text) => words.measuresSomethingElseHere(text),
}

/** Showing and reading measures in the angler's own units. */
export function useMeasure() {
  const settings = useSettings()
  return {
    show: (valueSi: number, role: RoleId) => showMeasure(valueSi, role, settings.system),
    figure: (valueSi: number, role: RoleId) => showFigure(valueSi, role, settings.system),
    unit: (role: RoleId) => UNITS[unitFor(role, settings.system)].symbol,
    read: (text: string, role: RoleId): { valueSi: number } | { problem: string } => {
      const parsed = parseMeasure(text, role, settings.system)
      return parsed.ok ? { valueSi: parsed.valueSi } : { problem: WORDS[parsed.code](parsed.text) }
    },
  }
}
