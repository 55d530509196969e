import { KitScreen } from '@/features/kit'

export default function Page() {
  return <KitScreen />
}
