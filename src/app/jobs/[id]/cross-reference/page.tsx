import { CrossReference } from '@/features/part'

export default function Page() {
  return <CrossReference />
}
