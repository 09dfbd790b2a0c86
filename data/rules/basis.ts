/** Rules of thumb that anglers hold: no source but practice. */
export const practice = 'common practice'
