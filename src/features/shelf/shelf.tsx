'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useEffect, useRef, useState } from 'react';
import { MAX_FILE_BYTES, projectFileName, readProjectFile, writeProjectFile } from '@/core/formats';
import { type AxisReport, axisReport, effectiveAxes } from '@/core/machine';
import { explainIssue, openProject, type Project, startingProject } from '@/core/model';
import { demoMachines } from '@/demo';
import { downloadText, machineHref } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import type { MachineSummary } from '@/storage';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import styles from './shelf.module.css';

interface Refusal {
  readonly file: string;
  readonly reasons: readonly string[];
}

/** All machines in this browser: open, start, import, export, delete. */
export function Shelf({ withDemo }: { withDemo: boolean }) {
  const storage = useStorage();
  const router = useRouter();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const [machines, setMachines] = useState<readonly MachineSummary[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [refusals, setRefusals] = useState<readonly Refusal[]>([]);
  const picker = useRef<HTMLInputElement>(null);

  useEffect(() => {
    if (!storage) return;
    let watching: { unsubscribe: () => void } | undefined;
    const start = async () => {
      if (withDemo)
        await storage.once('demo', async () => {
          for (const demo of demoMachines()) await storage.add(demo, freshId);
        });
      watching = storage.watchAll(setMachines, (p) => setProblem(p.cause));
    };
    start().catch((cause: unknown) => setProblem(String(cause)));
    return () => watching?.unsubscribe();
  }, [storage, withDemo]);

  const add = async (project: Project): Promise<string | undefined> => {
    const added = await storage!.add(project, freshId);
    if (added.ok) return added.id;
    setProblem(
      added.problem.code === 'no-space'
        ? 'The browser’s storage is full: nothing was added.'
        : added.problem.cause,
    );
    return undefined;
  };

  const importFiles = async (files: readonly File[]) => {
    const refused: Refusal[] = [];
    for (const file of files) {
      // The size is looked at before the text is read: a film dropped here by mistake must not fill the
      // memory.
      const opened = file.size > MAX_FILE_BYTES ? readTooLarge(file) : readProjectFile(await file.text());
      if (!opened.ok) refused.push({ file: file.name, reasons: opened.issues.slice(0, 6).map(explainIssue) });
      else if (await add(opened.project)) enqueueSnackbar(`Imported: ${opened.project.name}`);
    }
    setRefusals(refused);
  };

  const remove = async (machine: MachineSummary) => {
    const stored = await storage!.remove(machine.id);
    if (!stored) return;
    enqueueSnackbar(`Deleted: ${machine.name}`, {
      autoHideDuration: 15_000,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            void storage!.restore(stored);
            closeSnackbar(key);
          }}
        >
          Take back
        </Button>
      ),
    });
  };

  return (
    <main
      className={styles.page}
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        void importFiles([...e.dataTransfer.files]);
      }}
    >
      <header className={styles.head}>
        <h1>Rugged Carriage</h1>
        <p>A second pair of eyes for the axis drives of a machine that you build yourself.</p>
      </header>
      <div className={styles.actions}>
        <Button
          variant="contained"
          disabled={!storage}
          onClick={() =>
            void add(startingProject(freshId(), new Date().toISOString())).then(
              (id) => id && router.push(machineHref('size', id)),
            )
          }
        >
          Start a machine
        </Button>
        <Button component={Link} href="/handbook">
          Handbook
        </Button>
        <Button variant="outlined" startIcon={<UploadIcon />} onClick={() => picker.current?.click()}>
          Import a file
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".json,application/json"
          multiple
          hidden
          aria-label="Machine files"
          onChange={(e) => {
            const files = [...(e.target.files ?? [])];
            e.target.value = '';
            void importFiles(files);
          }}
        />
      </div>
      {problem && (
        <Alert severity="error" onClose={() => setProblem(null)}>
          {problem}
        </Alert>
      )}
      {refusals.map((r) => (
        <Alert
          key={r.file}
          severity="error"
          onClose={() => setRefusals(refusals.filter((x) => x !== r))}
          className={styles.refusal}
        >
          <strong>{r.file} was not imported; nothing stored was touched.</strong>
          <ul>
            {r.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        </Alert>
      ))}
      {machines === null && !problem && <p role="status">Looking for your machines…</p>}
      {machines?.length === 0 && (
        <section className={styles.empty}>
          <h2>No machine yet</h2>
          <p>Start one, drop a machine file here, or look at a made-up one first.</p>
          <Button
            onClick={() =>
              void (async () => {
                for (const demo of demoMachines()) await add(demo);
              })()
            }
          >
            Load the demo machines
          </Button>
        </section>
      )}
      <ul className={styles.list}>
        {machines?.map((m) => (
          <MachineRow key={m.id} machine={m} onDelete={() => void remove(m)} />
        ))}
      </ul>
      <footer className={styles.foot}>
        Your machines stay in this browser. Export a file to keep or to share one. The tool advises; it
        certifies nothing.
      </footer>
    </main>
  );
}

const readTooLarge = (file: File) => ({
  ok: false as const,
  issues: [
    {
      code: 'too-large',
      path: [],
      read: `${file.size} bytes`,
      wanted: `a file of at most ${MAX_FILE_BYTES} bytes`,
    },
  ],
});

function MachineRow({ machine, onDelete }: { machine: MachineSummary; onDelete: () => void }) {
  const opened = openProject(machine.project);
  const reports: readonly { report: AxisReport; name: string; id: string }[] = opened.ok
    ? effectiveAxes(opened.project).map((axis) => ({
        report: axisReport(axis, { remedies: false }),
        name: axis.name,
        id: axis.id,
      }))
    : [];
  return (
    <li className={styles.row}>
      <div className={styles.name}>
        <h2>
          <Link href={machineHref('machine', machine.id)}>{machine.name}</Link>
        </h2>
        <p>
          changed{' '}
          {new Date(machine.savedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
        </p>
      </div>
      <ul className={styles.axes}>
        {reports.map(({ report, name, id }) => (
          <li key={id}>
            <Link href={machineHref('size', machine.id, id)}>
              <VerdictMark verdict={report.verdict} /> {name} <span>{verdictWords[report.verdict]}</span>
            </Link>
          </li>
        ))}
        {!opened.ok && <li>cannot be read by this edition</li>}
      </ul>
      <div className={styles.tools}>
        <IconButton
          aria-label={`Export ${machine.name}`}
          title="Export as a file"
          disabled={!opened.ok}
          onClick={() =>
            opened.ok && downloadText(projectFileName(opened.project), writeProjectFile(opened.project))
          }
        >
          <DownloadIcon />
        </IconButton>
        <IconButton aria-label={`Delete ${machine.name}`} title="Delete" onClick={onDelete}>
          <DeleteIcon />
        </IconButton>
      </div>
    </li>
  );
}
