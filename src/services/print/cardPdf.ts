import 'server-only'
import { shopTime } from '@/core/dates'
import { explodedView, type ExplodedView } from '@/core/kit'
import { partsAt, type PartNow } from '@/core/procedure'
import { counted } from '@/core/plural'
import * as common from '@/texts/common'
import * as texts from '@/texts/paper'
import { jobPlan } from '../plan'
import type { PlanResponse } from '@/contract/plan'
import { photosForPaper } from '../photos'
import { settings } from '../settings'
import { drawExploded, drawStrip } from './drawExploded'
import { drawPhotos } from './drawPhotos'
import { inUnits } from './eachText'
import {
  COLOURS,
  endDocument,
  PAGE,
  pageBreak,
  points,
  printable,
  startDocument,
  WIDTH,
  type Doc,
} from './page'
import { table } from './table'

const { ink, soft } = COLOURS
const WARNING = '#9b3424'
/** Columns of a step: box and number, what to do, caution. */
const STEP = { box: 30, text: 330, gap: 10 }
const CAUTION_X = PAGE.left + STEP.box + STEP.text + STEP.gap
const CAUTION_WIDTH = PAGE.right - CAUTION_X

/** Photographs on a card; the others are in the record. */
const MAX_PHOTOS = 12

type Step = PlanResponse['sections'][number]['steps'][number]

function heading(doc: Doc, title: string): void {
  pageBreak(doc, 60)
  doc.moveDown(0.6).font('bold').fontSize(11.5).fillColor(ink).text(title, PAGE.left, doc.y, { width: WIDTH })
}

function stepText({ text, stop, practice }: Step): string {
  const note = practice ? texts.practice(practice.about, practice.mine) : ''
  return printable(`${stop ? 'STOP. ' : ''}${text}${note}`)
}

/** The drawing beside a step, points. */
const STRIP = { height: 34, gap: 4 }

interface Strip {
  view: ExplodedView
  stateOf: (slot: string) => PartNow
}

/** One step: a box to tick, its number, its words and tool, and beside them the parts so far and what can hurt. */
function drawStep(doc: Doc, step: Step, number: number, done: string, strip: Strip | null): void {
  const text = stepText(step)
  const tool = step.tool ? printable(texts.tool(step.tool)) : ''
  const caution = step.caution && step.caution !== 'Safety' ? step.caution : ''
  doc.font('text').fontSize(9)
  const wide = step.caution === 'Safety' ? WIDTH - STEP.box : STEP.text
  const left =
    doc.heightOfString(text, { width: wide }) + (tool ? doc.heightOfString(tool, { width: wide }) : 0)
  const drawn = strip ? STRIP.height + STRIP.gap : 0
  const cautioned = caution ? doc.heightOfString(caution, { width: CAUTION_WIDTH - 8 }) : 0
  const height = Math.max(left, drawn + cautioned, 11) + (done ? 11 : 0)
  pageBreak(doc, height + 8)
  const y = doc.y + 4
  doc.lineWidth(0.8).rect(PAGE.left, y, 9, 9).stroke(soft)
  if (done)
    doc
      .lineWidth(1.3)
      .moveTo(PAGE.left + 1.5, y + 4.5)
      .lineTo(PAGE.left + 4, y + 7.5)
      .lineTo(PAGE.left + 8, y + 1.5)
      .stroke(ink)
  doc.fillColor(soft).text(String(number), PAGE.left + 13, y, { width: 16, lineBreak: false })
  doc.fillColor(step.stop ? WARNING : ink).text(text, PAGE.left + STEP.box, y, { width: wide })
  if (tool) doc.fillColor(soft).text(tool, PAGE.left + STEP.box, doc.y, { width: wide })
  if (done) doc.fillColor(soft).text(done, PAGE.left + STEP.box, doc.y, { width: wide })
  const bottom = Math.max(doc.y, y + height)
  if (strip)
    drawStrip(doc, strip.view, { x: CAUTION_X, y, width: CAUTION_WIDTH, height: STRIP.height }, strip.stateOf)
  if (caution) {
    const from = y + drawn
    doc
      .lineWidth(2)
      .moveTo(CAUTION_X, from)
      .lineTo(CAUTION_X, from + Math.max(cautioned, 10))
      .stroke(WARNING)
    doc
      .font('text')
      .fontSize(9)
      .fillColor(WARNING)
      .text(caution, CAUTION_X + 6, from, { width: CAUTION_WIDTH - 8 })
  }
  doc.y = bottom
}

const TORQUE_COLUMNS = [
  { head: texts.fastener, width: 180 },
  { head: texts.torque, width: 230 },
  { head: texts.page },
] as const

/** Fields for the manual's values: what was typed, or lines to write on. */
function torqueTable(doc: Doc, { torques }: PlanResponse): void {
  if (torques.length === 0) return
  heading(doc, texts.torquesFromTheManual)
  table(
    doc,
    TORQUE_COLUMNS,
    torques.map(({ label, value, page }) => ({
      cells: [label, value || texts.torqueBlank, page || '________'],
    })),
  )
}

/**
 * The job card: what must be settled, the drawing, every step in order with its caution beside it, torques to fill in,
 * tools, what must be new, sign-off and when to look again. @throws ServiceError `notFound`
 */
export async function cardPdf(jobId: number, units?: string): Promise<Buffer> {
  const [{ plan: worked, found }, { timeZone }, photographs] = await Promise.all([
    jobPlan(jobId),
    settings(),
    photosForPaper(jobId, MAX_PHOTOS),
  ])
  const plan = inUnits(worked, units)
  const { job, arrangement, kit, place } = found
  const { doc, done } = startDocument(texts.jobJobCard(jobId))
  doc
    .font('bold')
    .fontSize(16)
    .fillColor(ink)
    .text(texts.jobCard(job.id, job.title), PAGE.left, PAGE.top, { width: WIDTH })
  doc
    .font('text')
    .fontSize(10)
    .fillColor(soft)
    .text(
      [place, `${arrangement.title}, ${counted(kit.positions, arrangement.position)}`]
        .filter(Boolean)
        .join(' · '),
    )
  const { heard, use, note } = job.intake
  const intakeText = [heard.join(', '), use.join(', '), note].filter(Boolean).join('. ')
  if (intakeText) doc.text(intakeText, { width: WIDTH })
  points(doc, texts.openPoints, plan.open, '!')
  const top = doc.y + 8
  const view = explodedView(arrangement, kit)
  drawExploded(doc, view, {
    x: PAGE.left,
    y: top,
    width: WIDTH,
    height: 150,
  })
  doc.y = top + 158
  doc.font('text').fontSize(8).fillColor(soft).text(texts.besideEachStepDrawn, PAGE.left, doc.y)
  let number = 0
  const ticks = job.fitting?.done ?? {}
  const steps = plan.sections.flatMap((section) => section.steps)
  const stripOf = (step: Step): Strip | null =>
    view.parts.some(({ slot }) => slot === step.place) ? { view, stateOf: partsAt(steps, step) } : null
  for (const section of plan.sections) {
    heading(doc, section.label)
    for (const step of section.steps) {
      const tick = ticks[step.id]
      const done = tick ? `${tick.who || common.done}, ${shopTime(tick.at, timeZone)}` : ''
      drawStep(doc, step, ++number, done, stripOf(step))
    }
  }
  torqueTable(doc, plan)
  points(doc, texts.mustBeNew, plan.alwaysNew.length > 0 ? [plan.alwaysNew.join(', ')] : [])
  points(
    doc,
    texts.tools,
    plan.tools.map(
      ({ label, own, improvise }) => `${label}${own ? `: ${own}` : texts.missingTool(improvise)}`,
    ),
  )
  points(
    doc,
    common.lookAgain,
    plan.rechecks.map(({ date, text }) => texts.seenBy(date, text)),
  )
  if (photographs.shown.length > 0) {
    pageBreak(doc, 270)
    heading(doc, texts.photographs)
    drawPhotos(doc, photographs.shown, photographs.more)
  }
  const signed = job.fitting?.signed
  points(
    doc,
    texts.signedOff,
    [
      signed
        ? `${signed.who}, ${shopTime(signed.at, timeZone)}${signed.why ? `. ${signed.why}` : ''}`
        : texts.signingBlank,
    ],
    '',
  )
  endDocument(doc, texts.theMachinesManualLocal, texts.jobTimesIn(jobId, timeZone))
  return done
}
