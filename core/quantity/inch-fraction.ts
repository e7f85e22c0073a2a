/** Inches as a fraction in 64ths or coarser: 1.1875 → "1 3/16"; a decimal where no such fraction fits. */
export function inchFraction(inches: number): string {
  const sixtyFourths = Math.round(inches * 64);
  if (Math.abs(inches * 64 - sixtyFourths) > 1e-6) return String(inches);
  const whole = Math.floor(sixtyFourths / 64);
  let above = sixtyFourths % 64;
  let below = 64;
  while (above > 0 && above % 2 === 0) {
    above /= 2;
    below /= 2;
  }
  if (above === 0) return String(whole);
  return whole > 0 ? `${whole} ${above}/${below}` : `${above}/${below}`;
}
