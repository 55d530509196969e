import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { readClean } from './readExact'
import { suggestionsFor } from './suggest'
import { kindOfUnlisted } from './unlistedKinds'

const told = (text: string): string => kindOfUnlisted(text, shipped.catalogue) ?? ''

describe('what is not listed is told as what it is, as far as its number goes (common practice)', () => {
  it.each([
    ['204KRR', 'farm', 'outside 47 mm as a 6204'],
    ['203KRR2', 'farm', 'outside 40 mm as a 6203'],
    ['205KPP2', 'farm', 'outside 52 mm as a 6205'],
    ['204RY2', 'farm', 'outside 47 mm'],
    ['W208PPB6', 'farm', 'outside 80 mm as a 6208'],
    ['GW211PPB3', 'farm', 'outside 100 mm as a 6211'],
    ['DC208TTR8', 'farm', 'outside 80 mm'],
    ['53208', 'sphered housing washer:', 'as 51208'],
    ['53310 U', 'and its seat washer', 'as 51310'],
    ['AH3126', 'withdrawal sleeve', '130 mm'],
    ['AHX 2310', 'withdrawal sleeve', '50 mm'],
    ['HJ206E', 'angle ring', 'NU206E or NJ206E'],
    ['HJ2315EC', 'angle ring', 'NJ2315EC'],
    ['K81107TN', 'rollers in their cage', '81107 is the whole'],
    ['WS81210', 'shaft washer of 81210', 'is the whole'],
    ['GS 81107', 'housing washer of 81107', 'is the whole'],
    ['T2ED045', 'ISO 355', 'bore 45 mm, angle series 2'],
    ['B17-99D', 'alternator', '17 mm'],
    ['AXW12', 'centres it', '12 mm'],
    ['RNU206', 'NU206 without its inner ring', 'measure it on the shaft'],
    ['RNU 2208 ECP', 'NU2208E without its inner ring', 'outside and width of that'],
    ['RN307', 'N307 without its outer ring', 'bore and width of that'],
    ['C2208K', 'toroidal', '40 × 80 × 23'],
    ['C3036', 'locates nothing', '180 × 280 × 74'],
    ['88503', 'two contact seals', '17 × 40 mm as a 6203'],
    ['WC87504', 'one contact seal', '20 × 47 mm as a 6204'],
    ['1726208-2RS1', 'round outside', '40 × 80 × 18'],
    ['RALE20NPPB', 'eccentric collar', '20 × 42 mm'],
    ['YAT206', 'its inner ring shorter', 'outside 62 mm as UC206'],
    ['SL045008PP', 'rope sheaves', 'bore 40 mm, outside 68 mm as a 6008'],
    ['NNF5012', 'rope sheaves', 'bore 60 mm, outside 95 mm'],
    ['SL014920', 'locating both ways', 'bore 100 mm, outside 140 mm'],
    ['SL024830', 'free to slide', 'bore 150 mm, outside 190 mm'],
    ['NKIB5904', 'locates both ways', '20 × 37 mm'],
    ['LR6002', 'track roller', 'bore 15 mm'],
    ['GAC25S', 'spherical plain', '25 × 47 × 15 mm in the sizes of 32005X'],
    ['510050', 'pressed into its knuckle', 'tells no size'],
    ['512012', 'rear axle', 'compare bolts'],
    ['513125', 'front axle', 'tells no size'],
    ['515036', 'driven front axle', 'tells no size'],
    ['FY25TF', 'square flange', 'shaft of 25 mm'],
    ['SY 30 TF', 'pillow block', 'shaft of 30 mm'],
    ['FYTB 35 TF', 'oval flange', 'shaft of 35 mm'],
    ['RASEY40-N', 'pillow block', 'shaft of 40 mm'],
    ['PCJT20', 'oval flange', 'shaft of 20 mm'],
    ['SNL 511-609', 'split housing', 'outside of 100 mm, such as 22211K'],
    ['SNV090', 'split housing', '90 mm outside'],
    ['FRB5/62', 'locating ring', '5 mm wide, beside an outer ring of 62 mm'],
    ['LMK12UU', 'square flange', 'LM12UU, 12 × 21 × 30 mm'],
    ['LMH16UU', 'cut flat', 'LM16UU, 16 × 28 × 37 mm'],
    ['SC20LUU', 'screwed on', 'twice as long as LM20UU'],
    ['KB1636', 'linear', 'LME16, 16 × 26 × 36 mm'],
    ['SIBP10S', 'inside thread', 'pin of 10 mm'],
    ['NOS12', 'outside thread', 'pin of 12 mm'],
    ['GIHRK25DO', 'inside thread', 'pin of 25 mm'],
    ['V-40A', 'V-ring', 'about 40 mm'],
    ['VA0040', 'V-ring', 'about 40 mm'],
    ['KML24', 'MBL24', 'KM24, M120x2'],
    ['HM3044', 'trapezoidal', '220 mm'],
    ['W05', 'N05', '0.969-32'],
    ['TW105', 'N05', '0.969-32'],
    ['KMT7', 'without a washer', 'M35x1.5'],
  ])('%s', (text, what, size) => {
    expect(readClean(text, shipped), text).toBeNull()
    expect(told(text)).toContain(what)
    expect(suggestionsFor(text, shipped), 'nothing near in letters is offered').toEqual([])
    expect(told(text)).toContain(size)
  })

  it.each([
    '6205',
    'C6205',
    'CR16',
    'KM7',
    'RNA4906',
    'W6205',
    'NU206E',
    'B1212',
    'AXK2542',
    '51208',
    '81107',
    'UC208',
    '2RS',
    'W281107',
    '87600',
    'SA205',
    'KB1234',
    'HM3120',
    '514012',
    'KML23',
    'V1A',
    'NHS81',
    'NHS2',
    '',
  ])('%s is none of these', (text) => expect(told(text)).toBe(''))
})

it('W before a short old number is a wide inner ring: no stainless ball bearing is made of it', () => {
  for (const size of ['203', '205', '208', '310'])
    for (const letters of ['PP', 'KPP', 'KDD', 'SS'])
      expect(readClean(`W${size}${letters}`, shipped), `W${size}${letters}`).toBeNull()
  expect(readClean('W6205-2RS', shipped)?.base).toBe('6205')
})

it('the loose rings of every listed thrust roller bearing are told as its rings', () => {
  const listed = shipped.catalogue.parts.filter(({ base }) => /^81[12]\d\d$/.test(base))
  expect(listed.length).toBeGreaterThan(20)
  for (const { base } of listed)
    for (const ring of ['K', 'WS', 'GS']) expect(told(ring + base)).toContain(`${base} is the whole of it`)
})
