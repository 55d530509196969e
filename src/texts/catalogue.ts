/** Texts of the screens of catalogue. */

/* SizeMap */
export const bore = (unit: string) => `bore, ${unit}`
export const outside = (unit: string) => `outside, ${unit}`
export const boreOutside = (base: string, bore: string, outside: string) =>
  `${base}, bore ${bore}, outside ${outside}`
export const outsideDiameterAgainstBore = 'Outside diameter against bore'

/* CatalogueScreen */
export const unverified = 'unverified'
export const partsOfTheFamily = 'Parts of the family'
export const families = 'Families'
export const series = 'Series'
export const sizeMap = 'Size map'
export const parts = (count: number) => `${count} parts`
