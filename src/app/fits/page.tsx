import type { Metadata } from 'next'
import { FitsScreen, lookUpSeatQuestion } from '@/features/fits'
import { partSheet } from '@/services/partSheet'
import { settings } from '@/services/settings'
import * as texts from '@/texts/pages'
import { askedFit } from '../_initial/askedFit'
import { asked, WithInitial } from '../_initial/WithInitial'

export const metadata: Metadata = { title: texts.fitsAndAdjustment }

/** What the screen asks first of a number its address names. */
async function questionsOf(designation: string) {
  const ofShop = asked('GET /api/settings', {}, settings)
  if (designation === '') return [ofShop]
  const sheet = await partSheet(designation)
  return [
    ofShop,
    asked('GET /api/part-sheet', { query: { designation } }, () => Promise.resolve(sheet)),
    ...askedFit(lookUpSeatQuestion(sheet)),
  ]
}

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ designation?: string | string[] }>
}) {
  const { designation } = await searchParams
  const number = typeof designation === 'string' ? designation.slice(0, 80) : ''
  return (
    <WithInitial questions={() => questionsOf(number.trim())}>
      <FitsScreen designation={number} />
    </WithInitial>
  )
}
