/** What shafts and housings are made of: E-modulus MPa, Poisson's ratio, expansion 1e-6/K (handbook values from memory). */
export const MATERIALS = {
  steel: { modulus: 206_000, poisson: 0.3, expansion: 12 },
  castIron: { modulus: 110_000, poisson: 0.26, expansion: 10.5 },
  aluminium: { modulus: 70_000, poisson: 0.33, expansion: 23 },
  magnesium: { modulus: 45_000, poisson: 0.35, expansion: 26 },
} as const
export type Material = keyof typeof MATERIALS
export const MATERIAL_NAMES = Object.keys(MATERIALS) as [Material, ...Material[]]
