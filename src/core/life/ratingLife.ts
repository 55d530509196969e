import type { RollingElement } from '../catalogue'

/** Life exponent: 3 for balls, 10/3 for rollers (ISO 281). */
export const lifeExponent = (element: RollingElement): number => (element === 'ball' ? 3 : 10 / 3)

/**
 * Basic rating life that nine in ten bearings reach: L10 = (C / P)^p million turns (ISO 281).
 * @param ratingKn basic dynamic load rating C, kN
 * @param loadKn equivalent dynamic load P, kN, above 0
 * @returns million turns
 * @example ratingLife(14, 2.8, 'ball') // 125
 */
export const ratingLife = (ratingKn: number, loadKn: number, element: RollingElement): number =>
  (ratingKn / loadKn) ** lifeExponent(element)

/** Life in hours: L10h = 10⁶ / (60 · n) · L10. */
export const lifeHours = (millionTurns: number, rpm: number): number => (millionTurns * 1e6) / (60 * rpm)

/** The load that gives a wanted life: P = C · (10⁶ / (60 · n · h))^(1/p), kN. */
export const loadForLife = (ratingKn: number, hours: number, rpm: number, element: RollingElement): number =>
  ratingKn / ((hours * 60 * rpm) / 1e6) ** (1 / lifeExponent(element))

/** Share of the bearings that live on is 1 − this at a1 (ISO 281 table of reliability). */
export const RELIABILITY: Record<number, number> = { 90: 1, 95: 0.64, 96: 0.55, 97: 0.47, 98: 0.37, 99: 0.25 }
