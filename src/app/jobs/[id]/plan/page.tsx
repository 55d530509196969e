import { PlanScreen } from '@/features/plan'

export default function Page() {
  return <PlanScreen />
}
