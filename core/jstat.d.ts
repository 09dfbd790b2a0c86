/** What is used of the statistics library, which ships no types. */
declare module 'jstat' {
  interface Distribution2 {
    inv(p: number, a: number, b: number): number
    cdf(x: number, a: number, b: number): number
  }
  const jstat: {
    readonly studentt: { inv(p: number, dof: number): number }
    readonly gamma: Distribution2
    readonly beta: Distribution2
  }
  export default jstat
}
