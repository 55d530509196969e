import { NotListed } from '@/features/part'

export default function NotFound() {
  return <NotListed />
}
