'use client'

import { MM_PER_INCH } from '@/core/quantity'
import { usePreferences } from './Preferences'

/** A unit that figures of a chart or table are turned into: its name, the figure in it, and the figure written. */
export interface FigureUnit {
  name: string
  of: (metric: number) => number
  write: (metric: number) => string
}

const minus = (figure: string): string => figure.replace('-', '−')
const lengthIn = (name: string, per: number, digits: number): FigureUnit => ({
  name,
  of: (mm) => mm / per,
  write: (mm) => minus((mm / per).toFixed(digits)),
})
const smallIn = (name: string, per: number): FigureUnit => ({
  name,
  of: (um) => um / per,
  write: (um) => minus(String(Math.round((um / per) * 10) / 10 || 0)),
})

const UNITS = {
  mm: { length: lengthIn('mm', 1, 3), small: smallIn('µm', 1) },
  // A ten-thousandth of an inch is what a shop in inches counts fits in.
  in: { length: lengthIn('in', MM_PER_INCH, 4), small: smallIn('0.0001 in', MM_PER_INCH / 10) },
}

/** Units of lengths given in mm, and of small ones given in µm, as they were chosen. */
export const useFigureUnits = (): { length: FigureUnit; small: FigureUnit } => UNITS[usePreferences().unit]
