import { JobIdentify } from '@/features/identify'

export default function Page() {
  return <JobIdentify />
}
