/** What a use-case may refuse. The words say what to change; the host turns the code into a status. */
export type ServiceCode =
  'unreadable' | 'impossible' | 'notFound' | 'conflict' | 'tooLarge' | 'wrongType' | 'unavailable'

export interface Issue {
  path: (string | number)[]
  message: string
}

export class ServiceError extends Error {
  constructor(
    readonly code: ServiceCode,
    detail: string,
    readonly issues: Issue[] = [],
    /** `conflict`: the version that is stored now */
    readonly current?: unknown,
  ) {
    super(detail)
    this.name = 'ServiceError'
  }
}
