/** Half width of the middle 95 % of the normal distribution, in standard deviations (any table of the normal distribution). */
export const Z_95 = 1.959964
