import 'server-only'
import { partKeyOf, type DesignationContext } from '@/core/designation'
import { cellsOf, guessColumns, sortRow } from '@/core/lists'
import * as db from '@/db'

/** What lies in the bins of the pier's store, as the shop wrote it down. */
const HEADER = ['Article', 'd', 'D', 'B', 'Stock', 'Bin'] as const
const ROWS = [
  ['6205-2RS', '25', '52', '15', '26', 'A1'],
  ['6203ZZ', '17', '40', '12', '8', 'A2'],
  ['6305/C3', '25', '62', '17', '2', 'A2'],
  ['6003-2RS', '17', '35', '10', '20', 'A3'],
  ['6004-2RS', '20', '42', '12', '6', 'A3'],
  ['6001ZZ', '12', '28', '8', '14', 'A4'],
  ['608ZZ', '8', '22', '7', '30', 'A4'],
  ['LM11949', '3/4 in', '', '', '4', 'B1'],
  ['LM11910', '', '1.781 in', '', '6', 'B1'],
  ['L68149', '', '', '', '4', 'B2'],
  ['L68110', '', '', '', '4', 'B2'],
  ['LM12749', '', '', '', '2', 'B3'],
  ['LM12710', '', '', '', '2', 'B3'],
  ['UC205-16', '1 in', '52', '', '3', 'C1'],
  ['30205', '25', '52', '', '2', 'C2'],
  ['Winch drum bush 1', '38.4', '57.9', '24.2', '2', 'D1'],
  ['Winch drum bush 2', '38.4', '61.3', '24.2', '1', 'D1'],
  ['Carousel crown roller', '17.2', '58.8', '21.5', '5', 'D2'],
  ['Organ reed pivot', '4.6', '11.3', '3.4', '12', 'D3'],
] as const

/** What hangs on the wall of the pier's workshop. */
const TOOLS = [
  { kind: 'sleeve', label: 'Driver set, 20 to 62 mm outside', from: 20, to: 62 },
  { kind: 'socket', label: 'Socket 28 mm', from: 28, to: 28 },
  { kind: 'socket', label: 'Socket 1 1/8 in', from: 28.6, to: 28.6 },
  { kind: 'snapRingPliers', label: 'Bore pliers 40 to 100', from: 40, to: 100 },
  { kind: 'press', label: 'Arbor press, 20 kN', to: 20 },
  { kind: 'brassDrift', label: 'Brass drift 20 mm' },
  { kind: 'dialIndicator', label: 'Dial indicator, magnetic stand' },
  { kind: 'depthGauge', label: 'Depth gauge 150 mm' },
  { kind: 'heater', label: 'Hot plate with thermometer' },
] as const

/** Bins of the pier's store: number, bin, pieces, minimum, price. */
const BINS = [
  ['6205-2RS', 'A1', 26, 12, 4.8],
  ['6203ZZ', 'A2', 8, 4, 3.1],
  ['6305/C3', 'A2', 2, 2, 9.4],
  ['6003-2RS', 'A3', 20, 18, 4.2],
  ['6004-2RS', 'A3', 6, 4, 4.05],
  ['6001ZZ', 'A4', 14, 6, 2.6],
  ['608ZZ', 'A4', 30, 20, 1.4],
  ['LM11949', 'B1', 4, 4, 7.9],
  ['LM11910', 'B1', 6, 4, 4.6],
  ['L68149', 'B2', 4, 8, 8.7],
  ['L68110', 'B2', 4, 8, 5.2],
  ['LM12749', 'B3', 2, 8, 8.1],
  ['LM12710', 'B3', 2, 8, 4.9],
  ['42x62x8', 'B4', 5, 8, 3.6],
  ['tab washer 3/4 spindle', 'E1', 12, 4, 0.55],
  ['castle nut 3/4-16', 'E1', 9, 4, 1.9],
  ['cotter pin 4x40', 'E2', 60, 40, 0.08],
  ['dust cap 1.781 in', 'E3', 7, 4, 2.2],
  ['UC205-16', 'C1', 3, 2, 14.5],
  ['30205', 'C2', 2, 2, 9.9],
  ['bore snap ring 52x2', 'E4', 16, 10, 0.35],
] as const

async function loadDemoBins(context: DesignationContext): Promise<void> {
  await db.saveSetting('settings', { shop: 'Winterbeck Pier Works' })
  await db.saveSetting('toolbox', { tools: TOOLS })
  const who = 'Store'
  for (const [designation, bin, pieces, minimum, price] of BINS) {
    const item = await db.createItem({ partKey: partKeyOf(designation, context), designation, bin })
    await db.changeItem(item.id, { minimum, price })
    await db.moveStock(item.id, { kind: 'count', pieces, note: 'Counted at the start of the season', who })
  }
  const order = await db.createOrder({
    supplier: 'breakwater',
    supplierName: 'Breakwater Trade Counter',
    idempotencyKey: 'demo-order-before-the-season',
    subtotal: 96.4,
    freight: 9,
    leadTimeDays: 4,
    note: 'Before the season',
    lines: [
      { designation: 'LM12749', quantity: 8, price: 7.2 },
      { designation: 'LM12710', quantity: 8, price: 4.85 },
    ],
  })
  await db.setOrder(order.id, { state: 'sent', supplierOrderNo: 'BR-0001' })
  const [first] = order.lines
  const itemOf = async (designation: string) =>
    (await db.itemFor(partKeyOf(designation, context), designation, 'B3')).id
  if (first) await db.receiveOrder(order.id, new Map([[first.id, 2]]), itemOf, who)
  await db.saveArrangement('roller-3', {
    code: 'roller-3',
    title: 'Carousel roller with shim and rim ring',
    position: 'roller',
    basedOn: 'B1',
    drop: ['sealLeft', 'sealRight'],
    slots: [
      {
        id: 'shim',
        label: 'Shim',
        role: 'shims',
        after: 'spacerTube',
        mayStay: true,
        note: 'Sets the side play of the roller.',
      },
    ],
  })
}

/** Writes the store's list into the demo world. @returns how many rows were kept */
export async function loadDemoStore(context: DesignationContext): Promise<number> {
  const columns = guessColumns(HEADER)
  const items = ROWS.flatMap((row, i) => {
    const sorted = sortRow(
      cellsOf(Object.fromEntries(HEADER.map((name, at) => [name, row[at] ?? ''])), columns),
      'mm',
      context,
    )
    return sorted.ok ? [{ row: i + 2, ...sorted.item }] : []
  })
  const list = await db.createList('Pier store', 'own', ROWS.length)
  await db.addItems(list.id, items)
  const own = items.filter((item) => item.base === null).length
  const counts = {
    read: ROWS.length,
    all: ROWS.length,
    listed: items.length - own,
    own,
    duplicates: 0,
    problems: ROWS.length - items.length,
  }
  await db.saveList(list.id, counts, 'done', [])
  await loadDemoBins(context)
  return items.length
}
