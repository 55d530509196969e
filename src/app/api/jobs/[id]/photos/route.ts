import { addPhoto, photos } from '@/services/photos'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn, photoBody, query } from '../../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, { params }: Context) => ({
    photos: await photos(numberIn((await params).id, 'job')),
  })),
  POST: answer(async (request, { params }: Context) => {
    const { about = '', name = '' } = query(request)
    const added = await addPhoto(numberIn((await params).id, 'job'), await photoBody(request), about, name)
    return Response.json(added, { status: 201 })
  }),
})
