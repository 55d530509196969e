import { photo, removePhoto } from '@/services/photos'
import { answer } from '../../../../_http/answer'
import { methods } from '../../../../_http/methods'
import { numberIn } from '../../../../_http/body'

interface Context {
  params: Promise<{ id: string; photo: string }>
}

const numbers = async ({ params }: Context): Promise<[number, number]> => {
  const { id, photo: which } = await params
  return [numberIn(id, 'job'), numberIn(which, 'photograph')]
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, context: Context) => {
    const bytes = await photo(...(await numbers(context)))
    return new Response(new Uint8Array(bytes), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
    })
  }),
  DELETE: answer(async (_, context: Context) => removePhoto(...(await numbers(context)))),
})
