'use client'

import dynamic from 'next/dynamic'

/** Loaded behind the page: nothing of it is needed to show one. */
export const SendPhotosLater = dynamic(() => import('./SendPhotos').then(({ SendPhotos }) => SendPhotos), {
  ssr: false,
})
