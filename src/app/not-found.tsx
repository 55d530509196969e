import { Link } from '@/ui/Link'

export default function NotFound() {
  return (
    <main className="mx-auto max-w-[48ch] px-6 pt-28">
      <h1 className="mb-2 text-[1.3125rem] font-bold">Page not found</h1>
      <p className="mb-5 text-ink2">
        The number is not in the catalogue, or the job does not exist. Check the number, or look it up with
        Ctrl K on any screen.
      </p>
      <Link href="/" data-primary className="button">
        All jobs
      </Link>
    </main>
  )
}
