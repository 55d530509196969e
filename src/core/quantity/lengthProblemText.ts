import type { LengthProblem } from './readLength'

/** What to change, in the words of the bench. One place for every refusal of `readLength`. */
export function lengthProblemText(problem: LengthProblem): string {
  switch (problem.code) {
    case 'empty':
      return 'Type a length, such as 35, 35.0 mm or 1 3/8.'
    case 'tooLong':
      return `This is longer than a length can be (${problem.limit} characters). Type one size.`
    case 'notALength':
      return `“${problem.text}” cannot be read as a length. Type it like 35, 1.378 or 1 3/8.`
    case 'twoLengths':
      return `“${problem.text}” looks like more than one size. Type one size in each field.`
    case 'twoSeparators':
      return `“${problem.text}” has two decimal signs. Keep one.`
    case 'unknownUnit':
      return `“${problem.unit}” is not a unit of length here. Use mm, cm or in.`
    case 'zeroDenominator':
      return `“${problem.text}” divides by zero. Check the lower figure.`
    case 'fractionNotBelowOne':
      return `The fraction in “${problem.text}” is not below one. Check both figures.`
    case 'negative':
      return 'A size is never negative. Remove the minus sign.'
    case 'zero':
      return 'A size of zero is no reading. Leave the field empty instead.'
    case 'tooLarge':
      return `Larger than ${problem.limitMm} mm. Check the unit and the decimal sign.`
  }
}
