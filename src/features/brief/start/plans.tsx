'use client';

import { familiesOf, partsIn } from '@/core/catalogue';
import { givenUp, type Plan, type PlanAnswer, type PlanStep, refusals, tooSoftFor } from '@/core/plan';
import { formatNumber, formatQuantity, type Kind } from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import type { Refused } from '@/ui/refusal';
import {
  arrangementText,
  besidesOf,
  cannotText,
  failText,
  frameNames,
  givenUpText,
  planLimitText,
  planKindNames,
  refusalTexts,
  wayOutText,
} from '@/words';
import { adoptEdits, LETTERS, planName } from './adopt';
import { useFilled } from './questions';
import styles from './start.module.css';

interface Bar {
  readonly name: string;
  readonly help: string;
  readonly text: string;
  /** 0 to 1: of the best of the plans. */
  readonly share: number;
}

/** Most places that are shown as thin on a bar. */
const MANY = 10;

function barsOf(
  { figures }: Plan,
  all: readonly Plan[],
  say: (kind: Kind, si: number, digits: number) => string,
): Bar[] {
  const best = (of: (p: Plan) => number) => Math.max(...all.map(of));
  const { rapid, acceleration, stiffness, error, thin } = figures;
  return [
    {
      name: 'Fast',
      help: 'rapid of the level axes, and how it speeds up',
      text: `${say('speed', rapid, 3)}, ${say('acceleration', acceleration, 2)}`,
      share: rapid / best((p) => p.figures.rapid),
    },
    {
      name: 'Stiff',
      help: 'at the tool where it is softest',
      text: say('stiffness', stiffness, 3),
      share: stiffness / best((p) => p.figures.stiffness),
    },
    {
      name: 'Exact',
      help: 'error at the tool that is likely under the hardest cut',
      text: `± ${say('length', error, 2)}`,
      share: Math.min(...all.map((p) => p.figures.error)) / error,
    },
    {
      name: 'To spare',
      help: 'places that hold with less than 15 % to spare',
      text: thin === 0 ? 'nothing thin' : `${thin} thin`,
      share: 1 - Math.min(thin, MANY) / MANY,
    },
  ];
}

interface CardProps {
  readonly plan: Plan;
  readonly place: number;
  readonly plans: readonly Plan[];
  readonly picked: boolean;
  readonly onPick: () => void;
  readonly onOpen: () => Refused;
}

/** One plan: what it comes to, what limits it, what it gives up. */
function Card({ plan, place, plans, picked, onPick, onOpen }: CardProps) {
  const { project, system } = useMachine();
  const { figures, limit } = plan;
  const say = (kind: Kind, si: number, digits: number) => formatQuantity(kind, si, system, digits).text;
  const up = givenUp(
    plans.map((p) => p.figures),
    place,
  ).slice(0, 2);
  const { budget } = project.brief;
  const { money } = figures;
  const over = budget !== null && money.total > budget ? money.total - budget : 0;
  const axis = limit?.axisId ? plan.project.axes.find((a) => a.id === limit.axisId)?.name : null;
  return (
    <article className={styles.plan} data-here={picked || undefined} aria-label={planName(plan, place)}>
      <header>
        <h3>
          <span>{LETTERS.charAt(place)}</span> {planKindNames[plan.kind]}
        </h3>
        <b>{money.total.toFixed(0)}</b>
      </header>
      <dl>
        {barsOf(plan, plans, say).map(({ name, help, text, share }) => (
          <div key={name} title={help}>
            <dt>{name}</dt>
            <dd aria-hidden className={styles.bar}>
              <span style={{ width: `${Math.round(100 * share)}%` }} />
            </dd>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      {over > 0 && <p className={styles.over}>Over the budget by {over.toFixed(0)}.</p>}
      {up.length > 0 && (
        <p>
          <b className={styles.gives}>Gives up</b> {up.map((g) => givenUpText(g, LETTERS, system)).join('; ')}
          .
        </p>
      )}
      <p>
        {limit ? (
          <>
            <b>Least to spare</b> {planLimitText(limit.code)}
            {axis ? `, ${axis.toLowerCase()}` : ''}.
          </>
        ) : (
          'Nothing of it is thin.'
        )}
      </p>
      <More plan={plan} />
      <footer>
        <Action onAct={onPick} pressed={picked}>
          {picked ? 'Drawn above' : 'Draw it'}
        </Action>
        <Action variant="contained" onAct={onOpen}>
          Open as a machine
        </Action>
      </footer>
    </article>
  );
}

/** Money, weights, work and parts of a plan. */
function More({ plan }: { readonly plan: Plan }) {
  const { system } = useMachine();
  const { figures, picks } = plan;
  const { money } = figures;
  const say = (kind: Kind, si: number, digits: number) => formatQuantity(kind, si, system, digits).text;
  const soft = tooSoftFor(figures, plan.project.brief);
  const cannot = cannotText(soft, figures.stiffness, figures.error, system);
  const size =
    figures.length && figures.width
      ? `${say('length', figures.length, 3)} × ${say('length', figures.width, 3)}`
      : null;
  return (
    <Fold
      summary={`${arrangementText[picks.arrangement].name}, ${frameNames[picks.frame].toLowerCase()}: more`}
    >
      <ul className={styles.more}>
        <li>
          Money: parts {money.parts.toFixed(0)}, frame {money.frame.toFixed(0)}, head {money.head.toFixed(0)},
          cabinet, cable and the rest {money.rest.toFixed(0)}; example prices.
        </li>
        <li>
          Moves {say('mass', figures.moving, 2)}, stands {say('mass', figures.standing, 2)}
          {size ? `, on a floor of ${size}` : ''}.
        </li>
        {cannot.map((line) => (
          <li key={line}>{line}</li>
        ))}
        {figures.depth !== null && (
          <li>
            The hardest cut may be some {say('length', figures.depth, 2)} deep before it bends it too far.
          </li>
        )}
        <li>
          {formatNumber(figures.hours[0], 2)} to {formatNumber(figures.hours[1], 2)} hours of work, by what
          such machines usually take.
        </li>
        <DrawerLine drawer={figures.drawer} />
        {plan.project.axes.map((a) => (
          <li key={a.id}>
            {a.name}: {driveLine(plan, a)}
          </li>
        ))}
      </ul>
    </Fold>
  );
}

/** What of the drawer a plan takes. */
function DrawerLine({ drawer: { parts, metres } }: Pick<Plan['figures'], 'drawer'>) {
  const { system } = useMachine();
  const told = [
    ...parts,
    ...(metres > 0 ? [`${formatQuantity('length', metres, system, 3).text} of bars`] : []),
  ];
  return told.length ? <li>Out of the drawer: {told.join(', ')}.</li> : null;
}

/** Links that are told of an axis, in the order of its drive train. */
const toldLinks = ['drive', 'reducer', 'motor', 'guide'] as const;

/** What was picked for an axis, by the names of the parts. */
function driveLine({ project }: Plan, { parts, drive }: Plan['project']['axes'][number]): string {
  const names = toldLinks.flatMap((link) =>
    familiesOf(link).flatMap((family) => {
      const part = partsIn(family, project.ownParts).find((p) => p.id === parts[family.id]);
      return part ? [part.name] : [];
    }),
  );
  return `${names.join(', ')}${drive.sets === 2 ? '; driven on both sides' : ''}`;
}

/** Everything that the planner said: cards, or what conflicts; what is needed beside. */
export function Plans(props: {
  readonly answer: PlanAnswer;
  readonly picked: number;
  readonly onPick: (place: number) => void;
  readonly stale: boolean;
}) {
  const { answer, picked, onPick, stale } = props;
  const { project, editor, system } = useMachine();
  const { job, brief } = useFilled();
  const { plans, conflict, failed } = answer;
  const open = (place: number) => {
    const at = new Date().toISOString();
    const stamps = [...plans, null].map(() => ({ id: freshId(), at }));
    return editor.apply(adoptEdits(project, plans, place, stamps), planName(plans[place]!, place));
  };
  const heaviest = Math.max(0, ...plans.map((p) => p.figures.heaviest));
  return (
    <>
      {stale && (
        <p role="status" className={styles.stale}>
          The answers have changed since these were worked out.
        </p>
      )}
      {!plans.length && (
        <p className={styles.none} role="status">
          No machine holds all of these wishes: {failed[0] ? failText(failed[0].why) : 'nothing was tried'}.
        </p>
      )}
      <div className={styles.cards}>
        {plans.map((plan, i) => (
          <Card
            key={`${plan.kind} ${plan.picks.arrangement}`}
            plan={plan}
            place={i}
            plans={plans}
            picked={i === picked}
            onPick={() => onPick(i)}
            onOpen={() => open(i)}
          />
        ))}
      </div>
      {conflict && (
        <section className={styles.conflict} aria-label="What does not go together">
          <h3>
            {conflict.together === 2
              ? 'Two wishes would have to give way together'
              : 'Giving way on any one of these would do'}
          </h3>
          {conflict.ways.length ? (
            <ul>
              {conflict.ways.map((way) => (
                <li key={way.gives.map((g) => g.wish).join()}>{wayOutText(way, system)}</li>
              ))}
            </ul>
          ) : (
            <p>No single wish and no pair of them that was tried is enough: ask for less of several.</p>
          )}
        </section>
      )}
      <NotProposed />
      {plans.length > 0 && (
        <Fold summary="What a machine needs beside its drives">
          <ul className={styles.more}>
            {besidesOf(job, heaviest, brief.place.door?.si ?? null, system).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </Fold>
      )}
    </>
  );
}

/** The rules that sort what is tried. */
const NotProposed = () => (
  <Fold summary="What is not proposed, and why">
    <p className={styles.hint}>
      Whoever has such a part puts it into the drawer, or takes it on the bench: it is judged like any other.
    </p>
    <ul className={styles.more}>
      {refusals.map((code) => (
        <li key={code}>{refusalTexts[code]}</li>
      ))}
    </ul>
  </Fold>
);

/** What the planner is at, in words. */
export function stepText({ kind, arrangement, frame }: PlanStep): string {
  const machine = `${arrangementText[arrangement].name}, ${frameNames[frame]}`.toLowerCase();
  return `${planKindNames[kind]}: ${machine}`;
}
