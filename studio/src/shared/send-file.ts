import { ApiError } from './api/index.ts';

/**
 * Sends a file as it is. The message of a refusal is a sentence for people.
 *
 * @param query what is said of it, as parameters of the address
 */
export async function sendFile<A>(path: string, file: File, query: Record<string, string>): Promise<A> {
  let response: Response;
  try {
    response = await fetch(`${path}?${String(new URLSearchParams(query))}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    });
  } catch {
    throw new ApiError(0, 'Sirene can’t be reached. Check the connection and try again.');
  }
  const answer = (await response.json().catch(() => ({}))) as A & { message?: string };
  if (!response.ok) throw new ApiError(response.status, answer.message ?? 'That did not work');
  return answer;
}
