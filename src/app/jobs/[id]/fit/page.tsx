import { FitStage } from '@/features/fits'

export default function Page() {
  return <FitStage />
}
