import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { connection } from 'next/server'
import { SignIn } from '@/features/accounts'
import { isSignInRequired } from '@/services/accounts'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.signIn }

/** A path of our own: one slash, and no second one that would name another server. */
const OWN_PATH = /^\/(?![/\\])/

type PageProps = { searchParams: Promise<Record<string, string | string[] | undefined>> }

export default async function Page({ searchParams }: PageProps) {
  await connection()
  if (!isSignInRequired()) redirect('/')
  const { to } = await searchParams
  return <SignIn to={typeof to === 'string' && OWN_PATH.test(to) ? to : '/'} />
}
