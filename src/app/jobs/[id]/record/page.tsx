import { Record } from '@/features/record'
import { historyOf } from '@/services/jobs'

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <Record history={await historyOf(Number((await params).id))} />
}
