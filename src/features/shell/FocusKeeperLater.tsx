'use client'

import dynamic from 'next/dynamic'

/** Loaded behind the page: no focus is lost before something was pressed. */
export const FocusKeeperLater = dynamic(
  () => import('./FocusKeeper').then(({ FocusKeeper }) => FocusKeeper),
  { ssr: false },
)
