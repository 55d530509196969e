import { InspectScreen } from '@/features/inspect'

export default function Page() {
  return <InspectScreen />
}
