import type { MetadataRoute } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/pages'

/** What a device needs to keep the application beside its others (W3C web app manifest). */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: common.amberSocket,
    short_name: common.amberSocket,
    description: texts.identifyBearingsFindWhat,
    start_url: '/',
    display: 'standalone',
    background_color: '#f4efe6',
    theme_color: '#fffdf8',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  }
}
