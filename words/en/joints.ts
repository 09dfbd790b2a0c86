import type { JointFigure, Judgement } from '../../core/tackle'
import { showMeasure, showRange, type UnitSystem } from '../../core/quantity'
import type { Fitting } from '../../core/match'
import { capital, lower, spaced, withArticles } from './grammar'
import { JOINT_WORDS } from './joint-words'
import { sayHooks } from './tackle'

/** What a word among the figures of a joint is called, where it is not the word itself. */
const CODES: Readonly<Record<string, string>> = {
  'too-light': 'too light',
  'too-heavy': 'too heavy',
  'too-weak': 'too weak',
  'too-strong': 'too strong',
  'too-slow': 'hard to keep that slow',
  'too-fast': 'hard to keep up',
  'off-spinning': 'it slides best off a spinning reel',
  'under-thumb': 'the fall is not felt under a thumb',
  'slow-fall-jig': 'a short slow jig',
  'long-jig': 'a long fast jig',
  'guarded-hook': 'a stout guarded hook',
  'light-wire': 'light wire',
  gives: 'the leader gives before the main line: a break costs little',
  chafes: 'the leader is stronger than the line, as teeth and rock ask',
  stronger: 'the leader is stronger than the line: a break goes far up',
  'much-weaker': 'the leader is much weaker than the line, whose strength it gives away',
  small: 'The knot of so thick a leader catches in small guides on the cast',
  rollers: 'Roller guides are heavy, and made to troll: they spoil a cast',
  'round-bend': 'Round-bend trebles, and the fish hit hard: in-turned ones hold better',
  'in-turned': 'In-turned trebles, and the fish barely take: round bends hook light takes better',
}
const SPACED: ReadonlySet<string> = new Set(['terminal', 'trailer', 'kind'])

function sayFigure(name: string, figure: JointFigure, system: UnitSystem): string {
  if (typeof figure === 'number') return String(figure)
  if (typeof figure === 'string') return CODES[figure] ?? (SPACED.has(name) ? spaced(figure) : figure)
  if ('from' in figure) return showRange(figure.from, figure.to, figure.role, system)
  if ('role' in figure) return showMeasure(figure.si, figure.role, system)
  if ('hooks' in figure) return `${sayHooks(figure.hooks)}${figure.stinger ? ' and a stinger' : ''}`
  return `a ${figure.wire}-wire ${spaced(figure.style)} hook`
}

const filled = (text: string | undefined, figures: Judgement['figures'], system: UnitSystem): string =>
  withArticles(
    (text ?? '').replace(/\{(\w+)\}/g, (_, name: string) => {
      const figure = figures[name]
      return figure === undefined ? '' : sayFigure(name, figure, system)
    }),
  )

interface JointWords {
  readonly title: string
  readonly good?: string
  readonly mind?: string
  readonly wrong?: string
  readonly remedy?: string
}
const WORDS: Readonly<Record<Judgement['id'], JointWords>> = JOINT_WORDS

/** A connection of a rig, judged: its title, what is said, and what to do about it (empty where nothing is to be done). */
export function sayJoint({ id, verdict, figures }: Judgement, system: UnitSystem) {
  const words = WORDS[id]
  return {
    title: words.title,
    sentence: capital(filled(words[verdict], figures, system)),
    remedy: verdict === 'good' ? '' : filled(words.remedy, figures, system),
  }
}

/** What a lure is tied on with, and why: “On the fine snap. A snap or loop lets the plug swing.” */
export function sayFitting({ terminal, judged, lacking }: Fitting, system: UnitSystem): string[] {
  const good = judged.find(({ verdict }) => verdict === 'good')
  const why = good ? ` ${sayJoint(good, system).sentence}` : ''
  const worst = judged.find(({ verdict }) => verdict !== 'good')
  const remedy = worst ? sayJoint(worst, system).remedy : ''
  return [
    terminal ? `On the ${lower(terminal.name)}.${why}` : good || !lacking ? `Tie it direct.${why}` : '',
    lacking ? withArticles(`a ${spaced(lacking)} would be better, and there is none in your box. ${remedy}`) : '',
  ]
    .filter(Boolean)
    .map((line) => capital(line.trim()))
}
