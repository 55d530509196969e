import { markPhoto, photo, removePhoto } from '@/services/photos'
import { serve } from '../../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/photos/{photo}', {
  GET: async ({ id, photo: which }) =>
    new Response(new Uint8Array(await photo(id, which)), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
    }),
  PATCH: ({ id, photo: which, body }) => markPhoto(id, which, body),
  DELETE: ({ id, photo: which }) => removePhoto(id, which),
})
