/** Sums over many runs, by which the correlation of many things with the end is told. */
export class Correlations {
  private readonly x: Float64Array;
  private readonly sum: Float64Array;
  private readonly squares: Float64Array;
  private readonly products: Float64Array;
  private y = 0;
  private yy = 0;
  private count = 0;

  constructor(size: number) {
    this.x = new Float64Array(size);
    this.sum = new Float64Array(size);
    this.squares = new Float64Array(size);
    this.products = new Float64Array(size);
  }

  set(i: number, value: number): void {
    this.x[i] = value;
  }

  /** A run that was over after so long; one that never was tells nothing. */
  add(y: number): void {
    if (!Number.isFinite(y)) return;
    this.count++;
    this.y += y;
    this.yy += y * y;
    const { x, sum, squares, products } = this;
    for (let i = 0; i < x.length; i++) {
      const one = x[i] ?? 0;
      sum[i] = (sum[i] ?? 0) + one;
      squares[i] = (squares[i] ?? 0) + one * one;
      products[i] = (products[i] ?? 0) + one * y;
    }
  }

  /** The squared correlation of each with the end. */
  shares(): Float64Array {
    const { count, y, yy } = this;
    const spread = yy - (y * y) / count;
    return this.sum.map((sum, i) => {
      const own = (this.squares[i] ?? 0) - (sum * sum) / count;
      const both = (this.products[i] ?? 0) - (sum * y) / count;
      return own > 1e-9 && spread > 1e-9 ? (both * both) / (own * spread) : 0;
    });
  }
}
