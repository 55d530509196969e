import { connection } from 'next/server'
import { BenchScreen } from '@/features/bench'
import { bench } from '@/services/bench'

export default async function Page() {
  await connection()
  return <BenchScreen bench={await bench()} />
}
