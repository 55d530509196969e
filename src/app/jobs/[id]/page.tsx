import { TakeIn } from '@/features/intake'

export default function Page() {
  return <TakeIn />
}
