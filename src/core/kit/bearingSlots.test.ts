import { describe, expect, it } from 'vitest'
import { SIZES } from '../../../tests/support/kitOf'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, proposeKit, slotOf, withDecisions, type Arrangement, type KitRequest } from '.'

/** A wheel with its seal, spacers and thread measured. */
const FULL: Omit<KitRequest, 'parts'> = {
  positions: 2,
  sizes: {
    ...SIZES,
    spacerLength: 40,
  },
  thread: '3/4-16',
}
const propose = (a: Arrangement, request: KitRequest) => proposeKit(a, request, shippedKnowledge)

describe('what was decided reaches its place', () => {
  const decided = (code: string, ...bearings: [name: string, designation: string][]) =>
    withDecisions(
      arrangementOf(code),
      {},
      bearings.map(([name, designation]) => ({ name, slot: '', designation })),
      shippedKnowledge,
    )
  it('the one bearing that tells no place fills the one place that is left', () => {
    expect(decided('A1', ['', 'LM67048/LM67010'], ['outer', 'LM11949/LM11910'])).toEqual({
      innerBearing: 'LM67048/LM67010',
      outerBearing: 'LM11949/LM11910',
    })
    // Which of two sets is the inner one nothing tells: it is asked.
    expect(decided('A1', ['', 'LM67048/LM67010'], ['', 'LM11949/LM11910'])).toEqual({})
    expect(
      decided('A1', ['inner', '32007X'], ['outer', 'LM11949/LM11910'], ['', 'LM67048/LM67010']),
    ).not.toHaveProperty('bearing')
    expect(decided('B2', ['left', '6004-2RS'], ['', '6203-2RS'])).toEqual({ bearingLeft: '6004-2RS' })
  })
  it.each([
    ['G1', 'free end', '1213K', 'bearingFloating'],
    ['G1', 'Non-locating bearing', '6208', 'bearingFloating'],
    ['G1', 'gear side, fixed', 'NU208', 'bearingLocating'],
    ['A1', 'inboard bearing', 'LM67048/LM67010', 'innerBearing'],
    ['A2', 'left wheel, outer', 'LM11949/LM11910', 'outerBearing'],
    ['B1', 'right hand', '6203-2RS', 'bearingRight'],
    ['B2', 'right', '6203-2RS', 'bearingRight'],
    ['B2', 'second, right side', '6203-2RS', 'bearingRightSecond'],
    ['B3', 'carrier, stacked', '6902-2RS', 'carrierStacked'],
    ['C1', 'outer', '6001-2RS', 'bearingOuter'],
    ['C2', 'rear', '688ZZ', 'bearingRear'],
  ])('%s: one of two called “%s” stands at its place', (code, name, number, place) =>
    expect(decided(code, ['', '6305'], [name, number])).toMatchObject({ [place]: number }),
  )
  it('a name that says more than a place, or two places alike, tells none', () => {
    expect(decided('C2', ['front wheel', '688ZZ'])).toEqual({ bearing: '688ZZ' })
    expect(decided('C1', ['outer bearing', '6001-2RS'])).toEqual({ bearingOuter: '6001-2RS' })
    expect(decided('B3', ['right', '6902-2RS'], ['left', '6001-2RS'])).toEqual({ shellLeft: '6001-2RS' })
    expect(decided('G1', ['constructor', '6208'])).toEqual({ bearing: '6208' })
    // Two called alike are asked, unless they are alike.
    expect(decided('B1', ['left wheel, in', '6203-2RS'], ['left wheel, out', '6004-2RS'])).toEqual({})
    expect(decided('B1', ['left wheel, in', '6203-2RS'], ['left wheel, out', '6203-2RS'])).toEqual({
      bearingLeft: '6203-2RS',
      bearingRight: '6203-2RS',
    })
  })
  it('those that tell no place fill what is left where it is clear which is whose', () => {
    const ends = { bearingLocating: 'NKIA5908', bearingFloating: 'NA4908' }
    expect(decided('G1', ['', 'NKIA5908'], ['gear side', 'NA4908'])).toEqual(ends)
    expect(decided('G1', ['', 'NA4908'], ['', 'NKIA5908'])).toEqual(ends)
    expect(decided('G1', ['', '6208'], ['', 'NU208'])).toMatchObject({ bearingFloating: 'NU208' })
    // Both hold, or both slide.
    expect(decided('G1', ['', '6208'], ['', '6308'])).toEqual({})
    expect(decided('G1', ['', 'NU208'], ['', 'N208'])).toEqual({})
    expect(decided('B1', ['near', '6203-2RS'], ['far', '6203-2RS'])).toEqual({
      bearingLeft: '6203-2RS',
      bearingRight: '6203-2RS',
    })
    expect(decided('B1', ['near', '6203-2RS'], ['far', '6004-2RS'])).toEqual({})
    expect(decided('B2', ['', '6203-2RS'], ['', '6203-2RS'])).toEqual({})
  })
  it('what was decided and stands nowhere is offered in every place for a bearing, of its kind', () => {
    const offered = (code: string, ...numbers: string[]) =>
      propose(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, decided: numbers }).lines.flatMap(
        (line) => (line.alternatives.length > 0 ? [`${line.slot}: ${line.alternatives.join(' ')}`] : []),
      )
    expect(offered('G1', '6208', '6308', 'LM67048/LM67010')).toEqual([
      'bearingLocating: 6208 6308',
      'bearingFloating: 6208 6308',
    ])
    const sets = offered('A1', '32007X', 'LM67048/LM67010', '6208').filter((text) => /cone|cup/i.test(text))
    expect(sets.map((text) => text.replace(/:.*/, ''))).toEqual([
      'innerCone',
      'innerCup',
      'outerCup',
      'outerCone',
    ])
    for (const text of sets) expect(text).toContain(': 32007X LM67048/LM67010')
    expect(offered('G1')).toEqual([])
  })
  it.each([
    ['G1', 'Next: select the bearing, locating', '6208', '6308'],
    ['A1', 'Next: select the inner cone', '32007X', 'LM67048/LM67010'],
    // Nothing decided waits: the first that is missing.
    ['G1', 'Next: select the shaft seal, locating end'],
  ])('%s: %s', (code, heading, ...numbers) => {
    const request = { positions: 1, parts: {}, sizes: {}, decided: numbers }
    expect(propose(arrangementOf(code), request).next?.heading).toBe(heading)
  })
  it('once one is chosen by hand, the other stands in the place that is left, and both stay there', () => {
    const follow = (code: string, parts: Record<string, string>, ...numbers: string[]) => {
      const bearings = numbers.map((designation) => ({ name: '', slot: '', designation }))
      return withDecisions(arrangementOf(code), parts, bearings, shippedKnowledge, bearings)
    }
    const ends = { bearingLocating: '6308', bearingFloating: '6208' }
    expect(follow('G1', { bearingLocating: '6308' }, '6208', '6308')).toEqual(ends)
    expect(follow('G1', ends, '6208', '6308')).toEqual(ends)
    expect(follow('A1', { innerCone: '30208' }, 'LM67048/LM67010', '30208')).toEqual({
      innerCone: '30208',
      innerBearing: '30208',
      outerBearing: 'LM67048/LM67010',
    })
    // One number was given to every place: nothing is left.
    expect(follow('B1', { bearing: '6203-2RS' }, '6004-2RS', '6004-2RS')).toEqual({ bearing: '6203-2RS' })
    // Another number was typed there: it stays.
    expect(follow('G1', { bearingLocating: '6308', bearingFloating: 'NU208' }, '6208', '6308')).toEqual({
      bearingLocating: '6308',
      bearingFloating: 'NU208',
    })
  })
  it('a set of either system, mixed too, in either end of a tapered pair', () => {
    for (const code of ['A1', 'A2', 'A3', 'A4']) {
      const parts = decided(code, ['inner', '32007X'], ['outer', 'LM11949/LM11910'])
      const k = propose(arrangementOf(code), { ...FULL, parts })
      const line = (id: string) => k.lines.find((l) => l.slot === id)
      expect(line('innerCone'), code).toMatchObject({ designation: '32007X', quantity: 2, state: 'filled' })
      expect(line('innerCup'), code).toMatchObject({ designation: '32007X', quantity: 0, state: 'filled' })
      expect(line('outerCone'), code).toMatchObject({ designation: 'LM11949', quantity: 2 })
      expect(line('outerCup'), code).toMatchObject({ designation: 'LM11910', quantity: 2 })
    }
  })
  it('a number with a stroke is no set: it stands in every place of a ball pair', () => {
    for (const number of ['6305-2RS/C3', '62/28']) {
      const k = propose(arrangementOf('B1'), { ...FULL, parts: decided('B1', ['', number]) })
      expect(k.lines.filter((l) => l.role === 'ballBearing').map((l) => l.designation)).toEqual([
        number,
        number,
      ])
    }
  })
  it('left and right, locating and floating, by their names; one alone stands everywhere; what was typed stays', () => {
    expect(decided('B1', ['left', '6004-2RS'], ['right', '6005-2RS'])).toEqual({
      bearingLeft: '6004-2RS',
      bearingRight: '6005-2RS',
    })
    expect(decided('G1', ['floating', 'NU208'], ['locating', '6208'])).toEqual({
      bearingFloating: 'NU208',
      bearingLocating: '6208',
    })
    expect(decided('C2', ['', '688ZZ'])).toEqual({ bearing: '688ZZ' })
    const merged = withDecisions(
      arrangementOf('B1'),
      { bearing: '6203-2RS' },
      [{ name: '', slot: '', designation: '6004-2RS' }],
      shippedKnowledge,
    )
    expect(merged).toEqual({ bearing: '6203-2RS' })
    expect(slotOf(arrangementOf('B1'), { name: 'nowhere', slot: '', designation: null }, false)).toBeNull()
  })
  it('one that stood everywhere leaves the other places when it is named', () => {
    const a = arrangementOf('B3')
    const bearing = (name: string, designation: string) => ({ name, slot: '', designation })
    const alone = withDecisions(a, {}, [bearing('', '6904-2RS')], shippedKnowledge)
    expect(alone).toEqual({ bearing: '6904-2RS' })
    const two = [bearing('', '6904-2RS'), bearing('carrierInner', '6804-2RS')]
    const both = withDecisions(a, alone, two, shippedKnowledge, two)
    const named = [bearing('shellLeft', '6904-2RS'), bearing('carrierInner', '6804-2RS')]
    const parts = withDecisions(a, both, named, shippedKnowledge, two)
    expect(parts).toEqual({ shellLeft: '6904-2RS', carrierInner: '6804-2RS' })
    const k = propose(a, { ...FULL, parts })
    expect(k.lines.filter((l) => l.role === 'ballBearing').map((l) => l.designation)).toEqual([
      '6904-2RS',
      '6904-2RS',
      '6804-2RS',
      '6804-2RS',
      '6804-2RS',
    ])
  })
  it('a set typed into the place of one ring fills both', () => {
    const k = propose(arrangementOf('A1'), { ...FULL, parts: { outerCone: 'LM11949/LM11910' } })
    const of = (id: string) => k.lines.find((l) => l.slot === id)?.designation
    expect([of('outerCone'), of('outerCup')]).toEqual(['LM11949', 'LM11910'])
  })
})

describe('what stands in the kit where something else was decided', () => {
  const told = (
    code: string,
    parts: KitRequest['parts'],
    ...bearings: [name: string, designation: string | null][]
  ) =>
    propose(arrangementOf(code), {
      positions: 1,
      sizes: {},
      parts,
      bearings: bearings.map(([name, designation]) => ({ name, slot: '', designation })),
    }).checks.filter(({ code: check }) => check === 'otherThanDecided')
  const both = (number: string) => ({ bearingLeft: number, bearingRight: number })
  it.each([
    ['B1', both('6205-2RS'), '6205-2RS', undefined],
    ['B1', both('6205DDU'), '6205-2RS', undefined],
    ['B1', both('6205-2RS'), '6205', undefined],
    ['B1', both('6205ZZ'), '6205-2RS', 'warn'],
    ['B1', both('6205-2RS'), '6205-2RS/C3', 'warn'],
    ['B1', both('6205-2RS'), '6205/C3', 'warn'],
    ['B1', both('6206-2RS'), '6205-2RS', 'fail'],
    // One of two alike is another: a stepped axle, seen at its place.
    ['B1', { bearingLeft: '6206-2RS', bearingRight: '6205-2RS' }, '6205-2RS', undefined],
    ['B1', both('keep'), '6205-2RS', undefined],
    ['B1', both('6206-2RS'), null, undefined],
    ['K1', { rodEnd: 'SA17C' }, 'SA17C', undefined],
    ['K1', { rodEnd: 'SI17C' }, 'SA17C', 'fail'],
    // Made over to tapered bearings: the ball bearing that was decided has no place there.
    ['A1', { innerBearing: 'LM67048/LM67010' }, '6205-2RS', undefined],
    ['M1', { clutch: 'HF2520' }, 'CSK25', 'fail'],
  ])('%s, %j where %s was decided: %s', (code, parts, decided, result) =>
    expect(told(code, parts, ['', decided])[0]?.result).toBe(result),
  )
  it('of a tapered pair each end by its set, and which it is', () => {
    const parts = { innerBearing: 'LM67048/LM67010', outerBearing: 'LM11949/LM11910' }
    const decided = (outer: string) => told('A1', parts, ['inner', 'LM67048/LM67010'], ['outer', outer])
    expect(decided('LM11949/LM11910')).toEqual([])
    expect(decided('L44649/L44610')[0]).toMatchObject({
      result: 'fail',
      title: 'LM11949/LM11910 is not what was decided',
      slots: ['outerBearing', 'outerCone', 'outerCup'],
    })
    expect(decided('L44649/L44610')[0]?.detail).toMatch(
      /^Decided for this job: L44649\/L44610\. [A-Z].*Put that one in/,
    )
  })
  it('of two that tell no place the one whose number is gone', () => {
    const ends = { bearingLocating: '2209K', bearingFloating: '2209K' }
    expect(told('G1', ends, ['', '2209K'], ['far end', '2209K'])).toEqual([])
    expect(
      told('G1', { ...ends, bearingFloating: '2208K' }, ['', '2209K'], ['far end', '2209K'])[0],
    ).toMatchObject({
      result: 'fail',
      slots: ['bearingFloating'],
    })
  })
})
