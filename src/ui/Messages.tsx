'use client'

import dynamic from 'next/dynamic'

const Toaster = dynamic(() => import('sonner').then((messages) => messages.Toaster), { ssr: false })

/** Where messages of `notifyDone` appear: above the foot, read out politely. */
export function Messages() {
  return (
    <Toaster
      position="bottom-center"
      offset={48}
      mobileOffset={16}
      style={{ fontFamily: 'inherit' }}
      toastOptions={{
        unstyled: true,
        classNames: {
          toast:
            'flex w-[360px] max-w-[94vw] items-center gap-3 rounded-lg border border-ink bg-ink px-4 py-2 text-sheet',
          title: 'text-[0.9375rem]',
          actionButton:
            'ml-auto min-h-11 shrink-0 rounded-[7px] border border-sheet px-3 font-semibold text-sheet',
        },
      }}
    />
  )
}
