/** Texts of the screens of settings. */

/* SettingsScreen */
export const onQuotesAndLabels = 'On quotes and labels'
export const nameOfTheShop = 'Name of the shop'
export const timeZoneOfTheShop = 'Time zone of the shop'
export const currency = 'Currency'
export const aQuoteHoldsDays = 'A quote holds, days'
export const markUp = 'Mark-up, %'
export const oneStrokeOfOur = 'One stroke of our grease gun, g (weigh ten, divide)'
export const taxes = 'Taxes'
export const tax = (i: number) => `Tax ${i}`
export const anotherTax = 'another tax'
export const perCentOfTax = (i: number) => `Per cent of tax ${i}`
export const workshopPractice = 'Workshop practice'
export const practitionersDifferYoursIs =
  'Practitioners differ. Yours is followed in every plan; the other way stands beside it, with when it is right.'
