'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { MOST_NAME, type PracticeLevel, practiceLevels, type Project, projectIssues } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineHref } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import { beginPractice, practiceGround, practiceResult } from '@/standins';
import type { MachineHead } from '@/storage';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { NumberLine } from '@/ui/number-line';
import { levelNames } from '@/words';
import styles from './shelf.module.css';
import { useShelf } from './use-shelf';

const MOST_SEED = 999_999;

interface Round {
  readonly head: MachineHead;
  readonly practice: NonNullable<Project['practice']>;
  /** Points of a round that is over. */
  readonly score: number | null;
}

/** Points of a round that is over; nothing is worked out of a machine that breaks a rule. */
function scoreOf(project: Project): number | null {
  if (!project.practice?.ended || projectIssues(project).length) return null;
  const ground = practiceGround(project);
  return ground && practiceResult(ground).score;
}

/** All practice rounds that are kept, the newest first. */
function useRounds(machines: readonly MachineHead[] | null): readonly Round[] | null {
  const storage = useStorage();
  const [rounds, setRounds] = useState<readonly Round[] | null>(null);
  useEffect(() => {
    let live = true;
    const look = async () => {
      const found: Round[] = [];
      for (const head of machines ?? []) {
        const loaded = await storage?.load(head.id);
        if (!loaded?.ok || !loaded.project.practice) continue;
        const { project } = loaded;
        found.push({ head, practice: project.practice!, score: scoreOf(project) });
      }
      if (live) setRounds(found.sort((a, b) => (a.practice.began < b.practice.began ? 1 : -1)));
    };
    if (machines) look().catch(() => live && setRounds([]));
    return () => {
      live = false;
    };
  }, [storage, machines]);
  return rounds;
}

/** Rounds with their points: how far a learner has come. */
function Rounds({ rounds }: { readonly rounds: readonly Round[] }) {
  if (!rounds.length) return <p>No round yet.</p>;
  const best = (level: PracticeLevel) => {
    const scores = rounds.flatMap((r) => (r.practice.level === level && r.score !== null ? [r.score] : []));
    return scores.length ? `${levelNames[level]} ${Math.max(...scores)}` : null;
  };
  const bests = practiceLevels.flatMap((l) => best(l) ?? []);
  return (
    <>
      {bests.length > 0 && <p>Best so far: {bests.join(', ')} of 100.</p>}
      <ul className={styles.list}>
        {rounds.map(({ head, practice, score }) => (
          <li key={head.id} className={styles.row}>
            <div className={styles.name}>
              <h2>
                <Link href={`${machineHref('prove', head.id)}&v=practice`}>{head.name}</Link>
              </h2>
              <p>
                {levelNames[practice.level]}, seed {practice.seed},{' '}
                {new Date(practice.began).toLocaleDateString('en-GB', { dateStyle: 'medium' })}
              </p>
            </div>
            <p>
              {score === null
                ? `${practice.ended ? 'ended' : 'goes on'}, ${practice.named.length} named`
                : `${score} of 100`}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}

const keep =
  <T,>(set: (value: T) => void) =>
  (value: T) => {
    set(value);
    return undefined;
  };

interface BeginProps {
  readonly shelf: ReturnType<typeof useShelf>;
  readonly rounds: readonly Round[] | null;
}

/** On which machine, how large its faults, and which. */
function Begin({ shelf, rounds }: BeginProps) {
  const router = useRouter();
  const storage = useStorage();
  const { machines, setProblem, add } = shelf;
  const [demos] = useState(demoMachines);
  const [level, setLevel] = useState<PracticeLevel>('plain');
  const [seed, setSeed] = useState<number | null>(null);
  const [base, setBase] = useState('');
  const own = (machines ?? []).filter(
    (m) => !rounds?.some((r) => r.head.id === m.id) && !demos.some((d) => d.id === m.id),
  );
  const picked = base || demos[0]!.id;
  const baseOf = async (): Promise<Project | undefined> => {
    const demo = demos.find((d) => d.id === picked);
    if (demo) return demo;
    const loaded = await storage?.load(picked);
    return loaded?.ok ? loaded.project : undefined;
  };
  const begin = async () => {
    const project = await baseOf();
    if (!project) return setProblem('That machine cannot be read by this edition. Pick another one.');
    if (projectIssues(project).length)
      return setProblem(`${project.name} breaks a rule: open it and mend it first, or pick another one.`);
    const id = await add(
      beginPractice(project, {
        id: freshId(),
        name: `Practice: ${project.name}`.slice(0, MOST_NAME),
        seed: seed ?? 1 + Math.floor(Math.random() * MOST_SEED),
        level,
        at: new Date().toISOString(),
      }),
    );
    if (id) router.push(`${machineHref('prove', id)}&v=practice`);
    return undefined;
  };
  const tryBegin = () =>
    void begin().catch((cause: unknown) => setProblem(`No round was begun: ${String(cause)}. Try again.`));
  return (
    <div className={styles.actions}>
      <Choice
        label="Machine"
        value={picked}
        options={[...demos, ...own].map((m) => [m.id, m.name] as const)}
        onPick={keep(setBase)}
      />
      <Choice
        label="Faults"
        value={level}
        options={practiceLevels.map((l) => [l, levelNames[l]] as const)}
        onPick={keep(setLevel)}
      />
      <label className={styles.seed}>
        <span>Seed</span>
        <NumberLine
          label="Seed: the same one hides the same faults"
          value={seed}
          placeholder="drawn"
          least={1}
          most={MOST_SEED}
          optional
          onNumber={keep(setSeed)}
        />
      </label>
      <Button variant="contained" disabled={storage === null} onClick={tryBegin}>
        Begin a round
      </Button>
      <Button component={Link} href="/">
        All machines
      </Button>
    </div>
  );
}

/** Begins practice rounds, and keeps those that were. */
export function Practise({ withDemo }: { withDemo: boolean }) {
  const shelf = useShelf(withDemo);
  const { machines, problem, setProblem } = shelf;
  const rounds = useRounds(machines);
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <h1>Practise</h1>
        <p>
          A machine with one to four hidden faults. Read it, true it up, try it, name what is wrong; at the
          end you are told. Nothing is connected, nothing moves.
        </p>
      </header>
      <Begin shelf={shelf} rounds={rounds} />
      {problem && (
        <Notice kind="error" onClose={() => setProblem(null)}>
          {problem}
        </Notice>
      )}
      <h2>Your rounds</h2>
      {rounds === null ? <p role="status">Looking for your rounds…</p> : <Rounds rounds={rounds} />}
    </main>
  );
}
