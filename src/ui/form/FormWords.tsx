/** A refusal that belongs to no field of a form. */
export function FormWords({ words }: { words: string }) {
  return words ? (
    <p role="alert" className="my-2 text-contra">
      {words}
    </p>
  ) : null
}
