'use client'

import { practiceNote, type PracticeName, type PracticeNote } from '@/core/procedure'
import { useAnswer } from '@/ui/useAnswer'

/** Workshop practice where practice differs; null until it is known. */
export function usePractices(): (name: PracticeName) => PracticeNote | null {
  const { answer } = useAnswer('GET /api/settings', {})
  return (name) => (answer ? practiceNote(name, answer.practices) : null)
}
