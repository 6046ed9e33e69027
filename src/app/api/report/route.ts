import { MAX_FILE_BYTES, readProjectFile } from '@/core/formats';
import { machineReport } from '@/core/machine';
import { explainIssue } from '@/core/model';

const tooLarge = () =>
  Response.json(
    {
      issues: [
        {
          code: 'too-large',
          path: [],
          wanted: `at most ${MAX_FILE_BYTES} bytes`,
          message: `The file is larger than ${MAX_FILE_BYTES} bytes.`,
        },
      ],
    },
    { status: 413 },
  );

/** Reads a body up to the limit; undefined where it is larger, whatever its headers claim. */
async function readBody(request: Request): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > MAX_FILE_BYTES) return undefined;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > MAX_FILE_BYTES) {
      await reader.cancel();
      return undefined;
    }
    chunks.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(chunks));
}

/**
 * POST a machine as JSON, get its report; `?working=1` adds every formula. 413 above 5 MB, 422 with issues.
 */
export async function POST(request: Request): Promise<Response> {
  const text = await readBody(request);
  if (text === undefined) return tooLarge();
  const opened = readProjectFile(text);
  if (!opened.ok)
    return Response.json(
      { issues: opened.issues.map((issue) => ({ ...issue, message: explainIssue(issue) })) },
      { status: 422 },
    );
  const working = new URL(request.url).searchParams.get('working') === '1';
  return Response.json(machineReport(opened.project, { working, flex: true }));
}
