export default function Page() {
  return <p>…</p>
}
