import * as common from '@/texts/common'
import * as texts from '@/texts/shell'

/** Every screen that stands by itself, by area. */
export const AREAS: readonly (readonly [
  area: string,
  screens: readonly (readonly [path: string, label: string])[],
])[] = [
  [
    texts.bench,
    [
      ['/', texts.bench],
      ['/jobs', common.allJobs],
      ['/jobs/new', common.newJob],
      ['/identify', texts.lookUp],
      ['/tray', texts.batchIdentification],
      ['/logbook', common.logbook],
    ],
  ],
  [
    common.parts,
    [
      ['/catalogue', common.catalogue],
      ['/seals', texts.seals],
      ['/convert', common.conversions],
      ['/lists', common.ownAndSupplierLists],
    ],
  ],
  [
    common.store,
    [
      ['/store', texts.stock],
      ['/orders', common.orders],
      ['/campaign', texts.campaign],
    ],
  ],
  [
    texts.shop,
    [
      ['/machines', texts.machines],
      ['/fits', texts.fitsAndSetting],
      ['/toolbox', common.toolbox],
      ['/arrangements', common.arrangements],
      ['/settings', common.settings],
      ['/bin', common.bin],
      ['/accounts', common.accounts],
      ['/status', common.serverStatus],
    ],
  ],
]
