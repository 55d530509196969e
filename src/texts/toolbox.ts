/** Texts of the screens of toolbox. */

/* ToolboxScreen */
export const from = 'from'
export const to = 'to'
export const inside = 'inside'
export const outside = 'outside'
export const deepOrLong = 'deep or long'
export const ourTools = 'Our tools'
export const plansPickFromThese =
  'Plans pick from these by size and say what is missing. Sizes count in the unit above them unless theirs stands behind, such as 3/4 in or 19 mm. One size: write it on both sides; a press: its force under “to”, such as 20 kN or 5 t. Sleeves, sockets and rings that are measured inside, outside and deep are picked by what they drive or receive, a drift by how thick it is outside and how long.'
export const kind = 'Kind'
export const whatItIsCalledHere = 'What it is called here'
export const inUnit = (size: string, unit: string) => `${size}, ${unit}`
export const kindOfTool = (i: number) => `Kind of tool ${i}`
export const tool = (i: number) => `Tool ${i}`
export const anotherTool = 'another tool'
export const toolOfI = (i: number, size: string) => `Tool ${i}, ${size}`
export const takeToolAway = (i: number) => `Take tool ${i} away`
export const name = 'Name'
export const anotherToolUpper = 'Another tool'
