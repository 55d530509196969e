'use client'

import { schoolNote, type SchoolName, type SchoolNote } from '@/core/procedure'
import { useAnswer } from '@/ui/useAnswer'

/** Workshop practice where practice differs; null until it is known. */
export function useSchools(): (name: SchoolName) => SchoolNote | null {
  const { answer } = useAnswer('GET /api/settings', {})
  return (name) => (answer ? schoolNote(name, answer.schools) : null)
}
