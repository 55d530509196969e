/** A look-up as its link holds it. */
const lookUp = (sheet: object): string => `/identify?e=${encodeURIComponent(JSON.stringify(sheet))}`

/** Every screen that stands by itself. */
export const SCREENS = [
  '/',
  '/jobs',
  '/logbook',
  '/logbook?tab=failures',
  '/logbook?tab=service',
  '/logbook?tab=seats',
  '/logbook?tab=identification',
  '/machines',
  '/machines/1',
  '/identify',
  lookUp({
    measurements: [{ feature: 'bore', readings: ['35'] }],
    stamps: [],
    observed: { piece: 'unit', housingKind: 'pillow block' },
  }),
  '/jobs/new',
  '/parts/6205-2RS',
  '/parts/22210',
  '/parts/KM8',
  '/parts/SN510',
  '/catalogue',
  '/catalogue?family=tapered-inch',
  '/tray',
  '/lists',
  '/convert',
  '/toolbox',
  '/fits?designation=6205',
  '/seals',
  '/seals?shaft=35&housing=52',
  '/store',
  '/orders',
  '/settings',
  '/bin',
  '/arrangements',
  '/campaign',
  '/accounts',
  '/status',
  '/components',
]

/** Screens that say that nothing is there: answered with 404. */
export const NOT_FOUND = ['/parts/62O5Q', '/nowhere']
