import 'server-only'
import type { ExplodedView, DrawnPart } from '@/core/kit'
import type { PartNow } from '@/core/procedure'
import type { Shape } from '@/core/section'

const INK = '#24211b'
const FAINT = '#8d8576'
const LAMP = '#8a4b00'
const TINT = '#ece5d7'

interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** Room for balloons above the drawing, points. */
const BALLOONS = 26
const BALLOON = 8

type ToPage = (axial: number, radial: number) => [number, number]

function hatch(doc: PDFKit.PDFDocument, points: [number, number][], forward: boolean): void {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const tall = bottom - top
  doc.save()
  doc.polygon(...points).clip()
  doc.lineWidth(0.35).strokeColor(FAINT)
  for (let x = left - tall; x < right + tall; x += 3.2) {
    if (forward) doc.moveTo(x, bottom).lineTo(x + tall, top)
    else doc.moveTo(x, top).lineTo(x + tall, bottom)
  }
  doc.stroke().restore()
}

function drawShape(doc: PDFKit.PDFDocument, shape: Shape, at: ToPage, scale: number, gap: boolean): void {
  const stroke = gap ? LAMP : INK
  const outlineOf = (points: [number, number][], fill: string | null) => {
    if (fill) doc.polygon(...points).fill(fill)
    doc.lineWidth(0.8).strokeColor(stroke)
    if (gap) doc.dash(3, { space: 2 })
    doc.polygon(...points).stroke()
    if (gap) doc.undash()
  }
  for (const side of [1, -1]) {
    switch (shape.kind) {
      case 'outline': {
        const points = shape.points.map(([a, r]) => at(a, r * side))
        if (!gap && shape.hatch !== 'none') hatch(doc, points, (shape.hatch === 'forward') === (side === 1))
        outlineOf(points, null)
        break
      }
      case 'circle': {
        const [x, y] = at(shape.at[0], shape.at[1] * side)
        doc
          .lineWidth(0.8)
          .circle(x, y, shape.radius * scale)
          .stroke(stroke)
        break
      }
      case 'axisLine': {
        const [from, to] = shape.points.map(([a, r]) => at(a, r * side))
        if (from && to)
          doc
            .lineWidth(0.4)
            .dash(4, { space: 1.5 })
            .moveTo(...from)
            .lineTo(...to)
            .stroke(FAINT)
            .undash()
        break
      }
      case 'across': {
        if (side === -1) break
        const [first, ...rest] = shape.points.map(([a, r]) => at(a, r))
        if (!first) break
        doc.lineWidth(Math.max(0.8, shape.thick * scale)).moveTo(...first)
        for (const point of rest) doc.lineTo(...point)
        doc.stroke(stroke)
      }
    }
  }
}

function drawBalloon(doc: PDFKit.PDFDocument, part: DrawnPart, at: ToPage, top: number): void {
  const [x, y] = at(part.from + part.length / 2, part.radius)
  const color = part.state === 'filled' ? INK : LAMP
  doc
    .lineWidth(0.5)
    .moveTo(x, top + BALLOON)
    .lineTo(x, y)
    .stroke(part.state === 'filled' ? FAINT : LAMP)
  if (part.state === 'gap') doc.dash(2, { space: 1.5 })
  doc.lineWidth(0.9).circle(x, top, BALLOON).fillAndStroke('#ffffff', color)
  doc.undash()
  doc
    .font('mono')
    .fontSize(8)
    .fillColor(color)
    .text(String(part.balloon), x - BALLOON, top - 4, {
      width: BALLOON * 2,
      align: 'center',
      lineBreak: false,
    })
}

/**
 * Axis and hub to scale in the middle of a box.
 * @param lines width of axis and hub outline, and length of the axis' dashes, points
 * @returns where a point of the view lies on the page, and points a millimetre
 */
function drawAxisAndHub(
  doc: PDFKit.PDFDocument,
  view: ExplodedView,
  box: Box,
  lines: { axis: number; hub: number; dash: number },
): { at: ToPage; scale: number } {
  const scale = Math.min(box.width / view.length, box.height / (2 * view.radius))
  const left = box.x + (box.width - view.length * scale) / 2
  const axis = box.y + box.height / 2
  const at: ToPage = (a, r) => [left + a * scale, axis - r * scale]
  doc
    .lineWidth(lines.axis)
    .dash(lines.dash, { space: 2 })
    .moveTo(box.x, axis)
    .lineTo(box.x + box.width, axis)
    .stroke(FAINT)
    .undash()
  for (const shape of view.hub.shapes) {
    if (shape.kind !== 'outline') continue
    for (const side of [1, -1])
      doc
        .lineWidth(lines.hub)
        .polygon(...shape.points.map(([a, r]) => at(a, r * side)))
        .fillAndStroke(TINT, '#b9b2a3')
  }
  return { at, scale }
}

/** The exploded view of a kit into a box of the page, to scale; the same geometry as on the screen. */
export function drawExploded(doc: PDFKit.PDFDocument, view: ExplodedView, box: Box): void {
  const below = { ...box, y: box.y + BALLOONS, height: box.height - BALLOONS }
  const { at, scale } = drawAxisAndHub(doc, view, below, { axis: 0.5, hub: 0.7, dash: 8 })
  const [hubX, hubY] = at(view.hub.from + view.hub.length / 2, 0)
  doc
    .font('text')
    .fontSize(8)
    .fillColor(FAINT)
    .text(view.hub.label, hubX - 30, hubY - 12, { width: 60, align: 'center', lineBreak: false })
  for (const part of view.parts) {
    for (const shape of part.shapes) drawShape(doc, shape, at, scale, part.state === 'gap')
    drawBalloon(doc, part, at, box.y + BALLOON + 1)
  }
}

const WASH = '#fdf0d8'

/** The parts along the axis at one step: in ink what is in, on amber what comes now, dashed what would be in its way. */
export function drawStrip(
  doc: PDFKit.PDFDocument,
  view: ExplodedView,
  box: Box,
  stateOf: (slot: string) => PartNow,
): void {
  const { at, scale } = drawAxisAndHub(doc, view, box, { axis: 0.4, hub: 0.4, dash: 6 })
  for (const part of view.parts) {
    const now = stateOf(part.slot)
    if (now === 'out') continue
    if (now === 'now') {
      const [x] = at(part.from, 0)
      doc
        .lineWidth(0.8)
        .rect(x - 2, box.y, part.length * scale + 4, box.height)
        .fillAndStroke(WASH, LAMP)
    }
    for (const shape of part.shapes) drawShape(doc, shape, at, scale, now === 'blocks')
  }
}
