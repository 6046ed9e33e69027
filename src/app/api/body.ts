import type { Issue } from '@/core/model';
import { explainIssue, issueText } from '@/words';

/** Issues as a caller of the service reads them: as data, and in one sentence each. */
export const refusal = (issues: readonly Issue[], status: number) =>
  Response.json(
    { issues: issues.map((issue) => ({ ...issue, ...issueText(issue), message: explainIssue(issue) })) },
    { status },
  );

/** Reads a body up to a limit; the bytes that came where it is larger, whatever its headers claim. */
export async function readBody(request: Request, most: number): Promise<string | number> {
  const said = Number(request.headers.get('content-length') ?? 0);
  if (said > most) return said;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > most) {
      await reader.cancel();
      return size;
    }
    chunks.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(chunks));
}
