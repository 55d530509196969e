import { PASSWORD } from '@/contract/choices'

interface Props {
  label: string
  /** what the browser's own store of passwords is told it is */
  kind: 'current-password' | 'new-password'
  value: string
  onChange: (password: string) => void
}

/** A password with its label. */
export function PasswordField({ label, kind, value, onChange }: Props) {
  return (
    <label>
      <span className="caption mb-1 block">{label}</span>
      <input
        type="password"
        autoComplete={kind}
        className="field"
        maxLength={PASSWORD.max}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  )
}
