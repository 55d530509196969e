import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { ringCornerOf } from '.'

/** r s min by number, mm: handbook tables after ISO 15 and ISO 582, from memory, typed apart from the rows of the code. */
const BY_NUMBER = `
604 .2 605 .2 606 .3 607 .3 608 .3 609 .3 623 .15 624 .2 625 .3 626 .3 627 .3 628 .3 629 .3 683 .1 684 .1 685 .15 686 .15 687 .15 688 .2
689 .2 693 .15 694 .2 695 .2 696 .2 697 .3 698 .3 699 .3
6000 .3 6001 .3 6002 .3 6003 .3 6004 .6 6005 .6 6006 1 6007 1 6008 1 6009 1 6010 1 6011 1.1 6012 1.1 6013 1.1 6014 1.1 6015 1.1 6016 1.1
6017 1.1 6018 1.5 6019 1.5 6020 1.5 6021 2 6022 2 6024 2 6026 2 6028 2 6030 2.1 6032 2.1 6034 2.1 6036 2.1 6038 2.1 6040 2.1
6200 .6 6201 .6 6202 .6 6203 .6 6204 1 6205 1 62/28 1 6206 1 62/32 1 6207 1.1 6208 1.1 6209 1.1 6210 1.1 6211 1.5 6212 1.5 6213 1.5 6214 1.5
6215 1.5 6216 2 6217 2 6218 2 6219 2.1 6220 2.1 6221 2.1 6222 2.1 6224 2.1 6226 3 6228 3 6230 3 6232 3 6234 4 6236 4 6238 4 6240 4
6300 .6 6301 1 6302 1 6303 1 6304 1.1 6305 1.1 6306 1.1 6307 1.5 6308 1.5 6309 1.5 6310 2 6311 2 6312 2.1 6313 2.1 6314 2.1 6315 2.1
6316 2.1 6317 3 6318 3 6319 3 6320 3 6321 3 6322 3 6324 3 6326 4 6328 4 6330 4 6332 4 6334 4 6336 4 6338 5 6340 5
6800 .3 6801 .3 6802 .3 6803 .3 6804 .3 6805 .3 6806 .3 6807 .3 6808 .3 6809 .3 6810 .3 6811 .3 6812 .3 6813 .6 6814 .6 6815 .6 6816 .6
6817 1 6818 1 6819 1 6820 1 6821 1 6822 1 6824 1 6826 1.1 6828 1.1 6830 1.1 6832 1.1 6834 1.1 6836 1.1 6838 1.5 6840 1.5
6900 .3 6901 .3 6902 .3 6903 .3 6904 .3 6905 .3 6906 .3 6907 .6 6908 .6 6909 .6 6910 .6 6911 1 6912 1 6913 1 6914 1 6915 1 6916 1 6917 1.1
6918 1.1 6919 1.1 6920 1.1 6921 1.1 6922 1.1 6924 1.1 6926 1.5 6928 1.5 6930 2 6932 2 6934 2 6936 2 6938 2 6940 2.1
16001 .3 16002 .3 16003 .3 16004 .3 16005 .3 16006 .3 16007 .3 16008 .3 16009 .6 16010 .6 16011 .6 16012 .6 16013 .6 16014 .6 16015 .6
16016 .6 16017 .6 16018 1 16019 1 16020 1 16021 1 16022 1 16024 1 16026 1 16028 1 16030 1.1 16040 1.5
1205 1 2205 1 1305 1.1 2308 1.5 22205 1 22212 1.5 22216 2 22308 1.5 22312 2.1 21305 1.1 7005 .6 7205 1 7305 1.1 3205 1 3305 1.1 4205 1
23022 2 23220 2.1 24030 2.1 3801 .3 62205 1 62305 1.1 63005 .6 63805 .3 QJ208 1.1`

it('the corner of the rings is that of the handbooks, and no fillet is larger (ISO 15, ISO 582)', () => {
  const rows = [...BY_NUMBER.matchAll(/(\S+) (\.?\d[\d.]*)/g)]
  expect(rows.length).toBeGreaterThan(200)
  for (const [, base = '', corner = ''] of rows) {
    const part = findPart(shipped.catalogue, base)
    const found = part && ringCornerOf(part)
    expect(found?.cornerMm, base).toBe(Number(corner))
    expect(found?.filletMm, base).toBeLessThanOrEqual(Number(corner))
  }
})

it.each([
  [1, 1],
  [1.1, 1],
  [2, 2],
  [2.1, 2],
  [3, 2.5],
  [4, 3],
  [5, 4],
])('against a corner of %s mm a fillet of at most %s mm is turned (handbooks)', (corner, fillet) => {
  const found = shipped.catalogue.parts.map(ringCornerOf).find((c) => c?.cornerMm === corner)
  expect(found?.filletMm).toBe(fillet)
})

it('says nothing of families and sizes it has no table of', () => {
  for (const base of ['NU205', '30205', '635', 'UC205', 'L44649'])
    expect(
      ringCornerOf(findPart(shipped.catalogue, base) ?? { family: 'own', series: '', dimensions: {} }),
    ).toBeNull()
})
