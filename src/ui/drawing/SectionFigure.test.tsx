import { cleanup, render } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { OPEN } from '@/core/designation'
import { SectionFigure } from './SectionFigure'

afterEach(cleanup)

const part = (width: number) => ({
  family: 'spherical' as const,
  piece: 'complete' as const,
  series: '222',
  dimensions: { bore: 40, outside: 80, width, closedWidth: 28 },
})

it('an open part tells how wide it is closed; one that is named closed is never called open', () => {
  const open = render(<SectionFigure part={part(23)} designation="22208" closure={OPEN} unit="mm" />)
  expect(open.container.textContent).toContain('open 23.000 · with shields or seals 28.000')
  cleanup()
  const closed = render(
    <SectionFigure
      part={part(28)}
      designation="22208-2RS"
      closure={{ sides: 2, type: 'contactSeal' }}
      unit="mm"
    />,
  )
  expect(closed.container.textContent).not.toContain('open')
})
