import type { FieldValues, Path } from 'react-hook-form'
import { PASSWORD } from '@/contract/choices'
import { FormField } from '@/ui/form/FormField'
import type { FieldsOf } from '@/ui/form/useSentForm'

interface Props<V extends FieldValues> {
  of: FieldsOf<V>
  name: Path<V>
  label: string
  labelHidden?: boolean
  placeholder?: string
  /** what the browser's own store of passwords is told it is */
  kind: 'current-password' | 'new-password'
}

/** A password with its label. */
export const PasswordField = <V extends FieldValues>({ kind, ...field }: Props<V>) => (
  <FormField type="password" autoComplete={kind} maxLength={PASSWORD.max} {...field} />
)
