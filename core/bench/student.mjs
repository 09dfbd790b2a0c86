import jstat from 'jstat'

/** The statistics library behind a typed door: its package ships no types. */
export function studentQuantile(p, dof) {
  return jstat.studentt.inv(p, dof)
}
