/** Closed lists of the contract and what each choice is called: no schemas, so that a screen need not load them. */

/** Stages in the order of the work; each has its screen. */
export const STAGES = [
  'takeIn',
  'identify',
  'crossReference',
  'compare',
  'kit',
  'inspect',
  'fit',
  'plan',
  'record',
] as const
export type Stage = (typeof STAGES)[number]

export const STAGE_LABELS: Record<Stage, string> = {
  takeIn: 'Intake',
  identify: 'Identify',
  crossReference: 'Cross-reference',
  compare: 'Compare',
  kit: 'Kit',
  inspect: 'Inspect',
  fit: 'Fits and setting',
  plan: 'Job card',
  record: 'Record',
}

/** Where the screen of a stage stands below its job. */
export const STAGE_PATHS: Record<Stage, string> = {
  takeIn: '',
  identify: '/identify',
  crossReference: '/cross-reference',
  compare: '/compare',
  kit: '/kit',
  inspect: '/inspect',
  fit: '/fit',
  plan: '/plan',
  record: '/record',
}

export const HEARD = ['rumble', 'grinding', 'scream', 'play', 'heat', 'escaped grease', 'stiff'] as const
/** As they are said; the codes above are stored. */
export const HEARD_LABELS: Record<(typeof HEARD)[number], string> = {
  rumble: 'rumble',
  grinding: 'grinding',
  scream: 'squeal',
  play: 'looseness',
  heat: 'heat',
  'escaped grease': 'grease leak',
  stiff: 'stiff',
}
export const USE = ['washed', 'submerged', 'salt air', 'slow', 'fast', 'heavy load', 'outdoors'] as const
export const ARRIVED = ['whole bearing', 'cup only', 'cone only', 'seal', 'fragments', 'nothing'] as const

export const WAITS = ['you', 'parts', 'fitting'] as const
export type Waits = (typeof WAITS)[number]

export const WAITS_LABELS: Record<Waits, string> = {
  you: 'Waits for you',
  parts: 'Waits for parts',
  fitting: 'Ready to fit',
}

export const OUTCOMES = ['held', 'adjusted', 'watch', 'cameBack'] as const
export type Outcome = (typeof OUTCOMES)[number]

export const OUTCOME_LABELS: Record<Outcome, string> = {
  held: 'Held: nothing found',
  adjusted: 'Adjusted or re-tightened',
  watch: 'Something found: look again',
  cameBack: 'Came back: has to be opened',
}

/** What an account may do: each may do what those before it may. */
export const ROLES = ['counter', 'bench', 'owner'] as const
export type Role = (typeof ROLES)[number]

export const ROLE_NAMES: Record<Role, string> = { counter: 'Counter', bench: 'Bench', owner: 'Owner' }
export const ROLE_RIGHTS: Record<Role, string> = {
  counter: 'look-ups, jobs, stock, orders, lists',
  bench: 'also machines, arrangements, toolbox',
  owner: 'also settings and accounts',
}

/** Shortest password (OWASP ASVS 4.0, 2.1.1) and the longest that is read (2.1.2). */
export const PASSWORD = { min: 12, max: 128 } as const
