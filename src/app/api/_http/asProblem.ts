export interface ProblemBody {
  type: string
  title: string
  status: number
  detail: string
}

/** A refusal as every path answers it (RFC 9457). */
export const asProblem = (body: ProblemBody, headers: Record<string, string> = {}): Response =>
  Response.json(body, {
    status: body.status,
    headers: { 'content-type': 'application/problem+json', ...headers },
  })
