import { useEffect, useState } from 'react';
import { type JobSaid, MOST_FILES, MOST_JOBS, type Plain, put, startingJob } from '@/core/model';
import { keepProgram, useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import type { Refused } from '@/ui/refusal';

const putAll = (path: 'jobs' | 'files', rows: unknown) => put<string>(path, rows as Plain);

/** What can be done with the jobs of a machine; all of it can be taken back. */
export interface JobActs {
  /** Keeps programs beside the machine and makes a job of each. @returns the last job’s id, and refusals. */
  readonly add: (
    programs: readonly File[],
  ) => Promise<{ readonly id: string | null; readonly said: string[] }>;
  readonly remove: (job: JobSaid) => Refused;
  readonly say: (job: JobSaid, change: Partial<JobSaid>, label: string) => Refused;
}

export function useJobs(): JobActs {
  const { project, editor, session } = useMachine();
  const storage = useStorage();
  const { jobs, files } = project;

  async function addOne(program: File): Promise<{ readonly id: string } | { readonly refused: string }> {
    const kept = await keepProgram(
      storage,
      program,
      (session.project ?? project).files.map((f) => f.name),
    );
    if ('refused' in kept) return kept;
    // While it was read somebody may have worked on: what stands now is added to.
    const now = session.project ?? project;
    const same = now.files.find((f) => f.hash === kept.file.hash);
    const most = (n: number, what: string) => ({
      refused: `${program.name}: ${n} ${what}, which is the most.`,
    });
    if (now.jobs.length >= MOST_JOBS) return most(MOST_JOBS, 'jobs stand here');
    if (!same && now.files.length >= MOST_FILES) return most(MOST_FILES, 'files lie here');
    const job = startingJob(freshId(), (same ?? kept.file).name, kept.file.hash);
    const edits = [
      ...(same ? [] : [putAll('files', [...now.files, kept.file])]),
      putAll('jobs', [...now.jobs, job]),
    ];
    const refused = editor.apply(edits, `Job: ${job.name}`);
    return refused ? { refused } : { id: job.id };
  }
  return {
    async add(programs) {
      const said: string[] = [];
      let id: string | null = null;
      // One after the other: each must know the names of those before it.
      for (const program of programs) {
        const one = await addOne(program);
        if ('id' in one) id = one.id;
        else said.push(one.refused);
      }
      return { id, said };
    },
    remove: (job) => {
      const left = jobs.filter((j) => j.id !== job.id);
      // Its program goes with the last job that runs it.
      const lonely = !left.some((j) => j.file === job.file);
      return editor.apply(
        [
          putAll('jobs', left),
          ...(lonely
            ? [
                putAll(
                  'files',
                  files.filter((f) => f.hash !== job.file),
                ),
              ]
            : []),
        ],
        `Job gone: ${job.name}`,
      );
    },
    say: (job, change, label) =>
      editor.apply(
        [
          putAll(
            'jobs',
            jobs.map((j) => (j.id === job.id ? { ...j, ...change } : j)),
          ),
        ],
        label,
      ),
  };
}

/** The program of a job out of this browser: its bytes, or that they are not here. */
export type Program = { readonly bytes: Uint8Array } | 'looking' | 'not-here';

export function useProgram(hash: string | null): Program {
  const storage = useStorage();
  const [read, setRead] = useState<{ readonly hash: string; readonly program: Program } | null>(null);
  useEffect(() => {
    if (hash === null) return;
    let live = true;
    const set = (program: Program) => {
      if (live) setRead({ hash, program });
    };
    const found = storage ? storage.contents.get(hash) : Promise.resolve(undefined);
    found.then(
      (bytes) => set(bytes ? { bytes } : 'not-here'),
      () => set('not-here'),
    );
    return () => {
      live = false;
    };
  }, [storage, hash]);
  return read && read.hash === hash ? read.program : 'looking';
}
