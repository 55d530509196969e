import type { MetadataRoute } from 'next'

/** What a device needs to keep the application beside its others (W3C web app manifest). */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Amber Socket',
    short_name: 'Amber Socket',
    description: 'Identify bearings, find what else fits, build complete kits',
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
