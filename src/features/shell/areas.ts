/** Every screen that stands by itself, by area. */
export const AREAS: readonly (readonly [
  area: string,
  screens: readonly (readonly [path: string, label: string])[],
])[] = [
  [
    'Bench',
    [
      ['/', 'Bench'],
      ['/jobs', 'All jobs'],
      ['/jobs/new', 'New job'],
      ['/identify', 'Look up'],
      ['/tray', 'Batch identification'],
      ['/logbook', 'Logbook'],
    ],
  ],
  [
    'Parts',
    [
      ['/catalogue', 'Catalogue'],
      ['/seals', 'Seals'],
      ['/convert', 'Conversions'],
      ['/lists', 'Own and supplier lists'],
    ],
  ],
  [
    'Store',
    [
      ['/store', 'Stock'],
      ['/orders', 'Orders'],
      ['/campaign', 'Campaign'],
    ],
  ],
  [
    'Shop',
    [
      ['/machines', 'Machines'],
      ['/fits', 'Fits and setting'],
      ['/toolbox', 'Toolbox'],
      ['/arrangements', 'Arrangements'],
      ['/settings', 'Settings'],
      ['/bin', 'Bin'],
      ['/accounts', 'Accounts'],
      ['/status', 'Server status'],
    ],
  ],
]
