const { abs, exp, SQRT2 } = Math;

/**
 * The error function's complement of what is over 0, to 1.2e-7 of itself everywhere: tails count in
 * a likelihood. Source: Chebyshev fit of Numerical Recipes (erfcc), from memory; checked against
 * tables in the tests.
 */
const erfc = (x: number): number => {
  const t = 1 / (1 + 0.5 * x);
  const fit =
    0.27886807 + t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277)));
  const rest = 1.00002368 + t * (0.37409196 + t * (0.09678418 + t * (-0.18628806 + t * fit)));
  return t * exp(-x * x - 1.26551223 + t * rest);
};

/** The standard normal distribution. */
export const phi = (z: number): number => {
  const tail = erfc(abs(z) / SQRT2) / 2;
  return z < 0 ? tail : 1 - tail;
};
