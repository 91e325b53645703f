import type { Problem } from '@core/base/result'
import { hearBuild } from './newer-version'

/** An answer of the server that is not the one asked for, with its sentences. `status` 0: no answer at all. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    readonly body: Record<string, unknown> = {},
  ) {
    super(problems[0]?.message ?? 'The server did not answer as expected.')
  }
}

const away: Problem = { code: 'away', message: 'The server does not answer. What you typed is kept here.', field: '' }

export async function api<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown, more?: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      ...(method !== 'GET' && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body ?? {}) }),
      ...more,
    })
  } catch {
    throw new ApiError(0, [away])
  }
  hearBuild(response.headers.get('x-vicinor-build'))
  const answer = (await response.json().catch(() => undefined)) as Record<string, unknown> | undefined
  if (!response.ok) throw new ApiError(response.status, (answer?.errors as Problem[] | undefined) ?? [], answer)
  // Broken off in the middle.
  if (answer === undefined) throw new ApiError(0, [away])
  return answer as T
}
