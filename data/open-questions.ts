/**
 * Points on which good anglers disagree, each with its default and the reason. Common practice. `usual`: how far the second side is followed where the
 * angler has not chosen: a share 0 … 1, or the water in which it is followed.
 */
export const OPEN_QUESTIONS = [
  {
    id: 'S1',
    first: { id: 'ease' },
    second: { id: 'rip' },
    usual: { mood: ['active'], waterTempC: { above: [9, 13] } },
  },
  {
    id: 'S2',
    first: { id: 'six' },
    second: { id: 'five' },
    usual: 0,
  },
  {
    id: 'S3',
    first: { id: 'hold' },
    second: { id: 'change' },
    usual: { group: ['bass', 'pike', 'perch', 'zander', 'striper', 'inshore', 'sea-bass'] },
  },
  {
    id: 'S4',
    first: { id: 'clarity' },
    second: { id: 'sky' },
    usual: 0.35,
  },
  {
    id: 'S5',
    first: { id: 'light' },
    second: { id: 'heavy' },
    usual: { mood: ['active'], waterTempC: { above: [13, 17] } },
  },
  {
    id: 'S6',
    first: { id: 'off' },
    second: { id: 'on' },
    usual: { cover: ['open', 'clay'], mood: ['pressured', 'neutral'] },
  },
  {
    id: 'S7',
    first: { id: 'reel' },
    second: { id: 'rod' },
    usual: 0,
  },
  {
    id: 'S8',
    first: { id: 'big' },
    second: { id: 'small' },
    usual: 0.5,
  },
  {
    id: 'S9',
    first: { id: 'trebles' },
    second: { id: 'singles' },
    usual: 1,
  },
  {
    id: 'S10',
    first: { id: 'silent' },
    second: { id: 'rattles' },
    usual: { visibilityM: { below: [0.5, 1.2] } },
  },
  {
    id: 'S11',
    first: { id: 'short' },
    second: { id: 'long' },
    usual: { waterTempC: { below: [9, 14] } },
  },
  {
    id: 'S12',
    first: { id: 'moderate' },
    second: { id: 'fast' },
    usual: 0,
  },
  {
    id: 'S13',
    first: { id: 'stay' },
    second: { id: 'move' },
    usual: { schooling: ['no'], cover: ['open', 'rock', 'clay', 'shell', 'timber', 'brush', 'docks'] },
  },
  {
    id: 'S14',
    first: { id: 'paint' },
    second: { id: 'natural' },
    usual: { sky: ['sun'] },
  },
  {
    id: 'S15',
    first: { id: 'thickness' },
    second: { id: 'sum' },
    usual: 0.5,
  },
  {
    id: 'S16',
    first: { id: 'wait' },
    second: { id: 'provoke' },
    usual: { waterTempC: { above: [21, 25] }, group: ['bass', 'striper', 'panfish'] },
  },
  {
    id: 'S17',
    first: { id: 'spoon' },
    second: { id: 'spinner' },
    usual: 0.5,
  },
  {
    id: 'S18',
    first: { id: 'rotate' },
    second: { id: 'keep' },
    usual: { schooling: ['yes'] },
  },
] as const
