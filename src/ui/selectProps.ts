/** A field that offers a list. */
export interface SelectProps<T extends string> {
  label: string
  value: T
  /** `''` may be one of them: nothing chosen */
  options: readonly (readonly [value: T, label: string])[]
  onPick: (value: T) => void
  className?: string
  disabled?: boolean
}
