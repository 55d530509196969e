import 'server-only'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import type { Output, RequestLine } from '@/contract/endpoints'
import { questionOf, type CallInput } from '@/ui/call'
import { InitialAnswers } from '@/ui/InitialAnswers'

/** A question of a screen and what answers it here, without a request. */
type Asked = readonly [question: string, answer: () => Promise<unknown>]

/** A question as its screen will ask it. @param answer the use-case behind the endpoint */
export const asked = <L extends RequestLine>(
  line: L,
  input: CallInput<L>,
  answer: () => Promise<Output<L>>,
): Asked => [questionOf(line, input), answer]

/** The page itself is opened, not moved to within the application, where the screen's own question is as quick and of what is not saved yet. */
const isOpened = async (): Promise<boolean> => (await headers()).get('accept')?.includes('text/html') === true

/**
 * A screen with the answers it asks for first, so that it is drawn by the server. What is refused is left out: the screen asks it
 * then, and shows the words.
 */
export async function WithInitial({
  questions,
  children,
}: {
  questions: () => Promise<readonly Asked[]>
  children: ReactNode
}) {
  const all = (await isOpened()) ? await questions().catch(() => []) : []
  const answers = await Promise.allSettled(
    all.map(async ([question, answer]) => [question, await answer()] as const),
  )
  const given = answers.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []))
  return <InitialAnswers answers={Object.fromEntries(given)}>{children}</InitialAnswers>
}
