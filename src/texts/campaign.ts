/** Texts of the screens of campaign. */

/* CampaignScreen */
export const short = 'Short'
export const wantedBy = 'Wanted by'
export const whichKitsHowManyTimes = 'Which kits, how many times'
export const everyCoachEveryRoller = 'Every coach, every roller: the same part becomes one line.'
export const noJobHasA = 'No job has a kit yet. Open one, such as a coach of the land train.'
export const the200JobsChanged =
  'The 200 jobs changed last are shown; older ones are found from their own page.'
export const times = (title: string) => `Times: ${title}`
export const job = (id: number) => `Job ${id},`
export const kits = 'Kits'
export const typeHowManyTimes =
  'Type how many times beside a kit, such as 4 for four coaches. The list of all parts appears here.'
export const linesShort = (all: number, short: number) => `${all} lines, ${short} short`
export const notSettled = (kits: string) => `Not settled: ${kits}`
export const orderWhatIsShort = 'Order what is short'
export const partsOfAllKits = 'Parts of all kits'
export const oneList = 'One list'
export const serviceCampaign = 'Service campaign'
export const kitsChosen = (chosen: number) => `${chosen} kits chosen`
