import { CompareScreen } from '@/features/compare'

export default function Page() {
  return <CompareScreen />
}
