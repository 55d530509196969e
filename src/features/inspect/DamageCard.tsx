import type { DamageMode, Severity } from '@/core/inspect'
import { DamageSketch } from '@/ui/drawing'

/** One kind of damage: pressed again and again it goes from trace to severe and away. */
export function DamageCard({
  mode,
  severity,
  onPress,
}: {
  mode: DamageMode
  severity: Severity | null
  onPress: () => void
}) {
  return (
    <button
      type="button"
      aria-pressed={severity !== null}
      onClick={onPress}
      data-damage={mode.id}
      className={`grid grid-rows-[62px_auto] rounded-lg border bg-sheet p-2 text-left ${severity ? 'border-2 border-lamp bg-wash' : 'border-line'}`}
    >
      <DamageSketch mode={mode} />
      <span className="pt-1">
        <b className="block text-[0.90625rem] leading-tight">{mode.label}</b>
        <span className="block text-[0.78125rem] leading-tight text-ink3">
          {severity ? <b className="text-lamp-ink">{severity}</b> : mode.looks}
        </span>
      </span>
    </button>
  )
}
