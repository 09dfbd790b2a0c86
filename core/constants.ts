/** Standard acceleration of gravity, m/s² (CGPM 1901; exact by definition). */
export const GRAVITY_MPS2 = 9.80665
