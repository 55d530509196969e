/**
 * What shafts, housings and rings are made of: E-modulus MPa, Poisson's ratio, expansion 1e-6/K, density kg/m³, heat capacity
 * J/(kg·K) (handbook values from memory).
 */
export const MATERIALS = {
  steel: { modulus: 206_000, poisson: 0.3, expansion: 12, density: 7850, heatCapacity: 460 },
  castIron: { modulus: 110_000, poisson: 0.26, expansion: 10.5, density: 7200, heatCapacity: 500 },
  aluminium: { modulus: 70_000, poisson: 0.33, expansion: 23, density: 2700, heatCapacity: 900 },
  magnesium: { modulus: 45_000, poisson: 0.35, expansion: 26, density: 1800, heatCapacity: 1020 },
} as const
export type Material = keyof typeof MATERIALS
export const MATERIAL_NAMES = Object.keys(MATERIALS) as [Material, ...Material[]]
