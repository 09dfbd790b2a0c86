/** Points on which good anglers disagree. Each has a default, with its reason. Common practice. */
export const SCHOOLS = [
  { id: 'S1', question: 'A crankbait in grass', first: { id: 'ease', says: 'Touch the tips and ease through.' }, second: { id: 'rip', says: 'Hang on the grass and rip free.' }, usual: 'both', why: 'By mood: a rip for active fish, easing through for cold ones.' },
  { id: 'S4', question: 'Colour', first: { id: 'clarity', says: 'Choose by how clear the water is.' }, second: { id: 'sky', says: 'Choose by the sky.' }, usual: 'both', why: 'Clarity first and sky second; at night only light against dark.' },
  { id: 'S5', question: 'Weight', first: { id: 'light', says: 'The lightest that still holds.' }, second: { id: 'heavy', says: 'Heavy, to force a reaction.' }, usual: 'first', why: 'Light, unless the fish are aggressive.' },
  { id: 'S6', question: 'A stinger hook', first: { id: 'off', says: 'Leave it off.' }, second: { id: 'on', says: 'On, in the open.' }, usual: 'first', why: 'Off near cover: it finds wood before it finds fish.' },
  { id: 'S8', question: 'Size', first: { id: 'big', says: 'A big lure for a big fish.' }, second: { id: 'small', says: 'Smaller until they eat.' }, usual: 'both', why: 'The forage’s length first, then the answers you get.' },
  { id: 'S10', question: 'Sound', first: { id: 'silent', says: 'Silent first.' }, second: { id: 'rattles', says: 'Rattles first.' }, usual: 'first', why: 'Silent, unless the fish can hardly see.' },
  { id: 'S11', question: 'A jerkbait’s pauses', first: { id: 'short', says: 'Cover water, short pauses.' }, second: { id: 'long', says: 'One place, long pauses.' }, usual: 'both', why: 'By temperature: the colder, the longer.' },
] as const
