import { projectJsonSchema } from '@/core/model';

export const dynamic = 'force-static';

/** The JSON Schema of the project file. */
export function GET(): Response {
  return Response.json(projectJsonSchema(), { headers: { 'Content-Type': 'application/schema+json' } });
}
