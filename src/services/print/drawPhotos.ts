import 'server-only'
import type { PhotoAnswer } from '@/contract/judgement'
import * as texts from '@/texts/paper'
import { COLOURS, PAGE, pageBreak, printable, WIDTH, type Doc } from './page'

const GAP = 14
/** A photograph on paper, points. */
const BOX = { width: (WIDTH - GAP) / 2, height: 180 }
/** A ring, so that what it is about stays in sight, with its number beside it. */
const RING = 9
const BADGE = 5.5
const MARK = '#9b3424'

type Printed = PhotoAnswer & { picture: Buffer }

const captionOf = ({ about, name, marks }: PhotoAnswer): string =>
  printable(
    [
      [about, name].filter(Boolean).join(', '),
      ...marks.map(({ text }, i) => `${i + 1} ${text || texts.marked}`),
    ].join('\n'),
  )

function drawPhoto(doc: Doc, photo: Printed, x: number, y: number): void {
  const scale = Math.min(BOX.width / photo.width, BOX.height / photo.height)
  const [width, height] = [photo.width * scale, photo.height * scale]
  doc.image(photo.picture, x, y, { width, height })
  photo.marks.forEach((mark, i) => {
    const [cx, cy] = [x + mark.x * width, y + mark.y * height]
    doc.lineWidth(3.4).circle(cx, cy, RING).stroke('#ffffff')
    doc.lineWidth(1.8).circle(cx, cy, RING).stroke(MARK)
    const [nx, ny] = [cx + RING, cy - RING]
    doc.lineWidth(0.8).circle(nx, ny, BADGE).fillAndStroke(MARK, '#ffffff')
    doc
      .font('bold')
      .fontSize(7)
      .fillColor('#ffffff')
      .text(String(i + 1), nx - BADGE, ny - 3.7, { width: 2 * BADGE, align: 'center', lineBreak: false })
  })
  doc
    .font('text')
    .fontSize(8)
    .fillColor(COLOURS.soft)
    .text(captionOf(photo), x, y + height + 3, { width: BOX.width })
}

/** Photographs two beside each other, with what is pointed at numbered in them and told below. */
export function drawPhotos(doc: Doc, photos: readonly Printed[], more: number): void {
  for (let i = 0; i < photos.length; i += 2) {
    const row = photos.slice(i, i + 2)
    doc.font('text').fontSize(8)
    const captions = row.map((photo) => doc.heightOfString(captionOf(photo), { width: BOX.width }))
    const height = BOX.height + Math.max(...captions) + 10
    pageBreak(doc, height)
    const y = doc.y + 4
    row.forEach((photo, column) => drawPhoto(doc, photo, PAGE.left + column * (BOX.width + GAP), y))
    doc.y = y + height - 4
  }
  if (more > 0)
    doc
      .font('text')
      .fontSize(9)
      .fillColor(COLOURS.soft)
      .text(texts.furtherPhotographsInTheRecord(more), PAGE.left, doc.y, { width: WIDTH })
}
