/** What is said of a long form is seen wherever one was in it. */
const intoSight = (said: HTMLElement | null): void => said?.scrollIntoView({ block: 'center' })

/** A refusal that belongs to no field of a form. */
export function FormMessage({ message }: { message: string }) {
  return message ? (
    <p key={message} ref={intoSight} role="alert" className="my-2 text-contra">
      {message}
    </p>
  ) : null
}
