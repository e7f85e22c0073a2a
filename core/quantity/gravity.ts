/** Standard gravity, m/s²: exact by definition (NIST SP 811, appendix B). */
export const STANDARD_GRAVITY = 9.80665;
