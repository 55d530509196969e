import { addPhoto, photos } from '@/services/photos'
import { photoBody } from '../../../_http/body'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/photos', {
  GET: async ({ id }) => ({ photos: await photos(id) }),
  POST: async ({ id, query: { about = '', name = '' }, request }) =>
    addPhoto(id, await photoBody(request), about, name),
})
