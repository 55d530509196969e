/** Chebyshev fit of erfc, relative error below 1.2e-7 (Press et al., Numerical Recipes, ch. 6.2). */
const FIT = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587,
  -0.82215223, 0.17087277,
]

/**
 * Scaled complementary error function e^(x²)·erfc(x): stays a usable number where erfc alone underflows.
 * Overflows to Infinity below about −26.
 * @example erfcx(0) // 1
 */
export function erfcx(x: number): number {
  const size = Math.abs(x)
  const t = 1 / (1 + 0.5 * size)
  const sum = FIT.reduceRight((inner, coefficient) => coefficient + t * inner, 0)
  const scaled = t * Math.exp(sum)
  return x >= 0 ? scaled : 2 * Math.exp(x * x) - scaled
}
