import type { ErrorBudget, ErrorShare } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import type { Project } from '@/core/model';
import { errorName, inputLabel, micro, wayText } from '@/words';
import { VerdictMark } from '@/ui/verdict-mark';
import { verdictOf } from '@/core/findings';
import styles from './whole.module.css';

/** Calibration is worth a sentence where it takes away more than this share of the whole. */
const NEWS = 0.98;

/** What calibration took away of a cause, or would. */
const takenText = ({ taken, calibrated }: ErrorShare, system: UnitSystem) =>
  calibrated
    ? `${micro(taken, system)} are calibrated away`
    : `calibration takes away ${micro(taken, system)}`;

/** Errors at the tool by direction against the brief, with their shares. */
export function Accuracy({ errors, project }: { errors: readonly ErrorBudget[]; project: Project }) {
  const system = project.units;
  const most = Math.max(
    ...errors.flatMap((e) => [e.likely, e.allowed ?? 0, ...e.shares.map((s) => s.value ?? 0)]),
    1e-9,
  );
  return (
    <div className={styles.accuracy}>
      {errors.map((e) => {
        const lacking = e.missing + e.bounds.length;
        const found = e.allowed === null ? 'not-known' : verdictOf(e.allowed, e.likely);
        const verdict = lacking && found !== 'gives-out' ? 'not-known' : found;
        const axis = project.axes.find((a) => a.id === e.axisId);
        return (
          <section key={e.way} aria-label={`Accuracy ${wayText[e.way]}`}>
            <h3>
              <VerdictMark verdict={verdict} labelled /> {axis ? `${axis.letter}, ` : ''}
              {wayText[e.way]}: <b>{micro(e.likely, system)}</b>
            </h3>
            <p>
              {e.allowed === null
                ? 'The brief asks for no accuracy yet.'
                : `The brief allows ${micro(e.allowed, system)}.`}{' '}
              All at once: {micro(e.worst, system)}.{e.missing ? ` ${e.missing} not known.` : ''}
              {e.calibrated < e.likely * NEWS &&
                ` With steps per unit set by measuring: ${micro(e.calibrated, system)}.`}
              {e.bounds.length > 0 &&
                ` At least so much: not given are ${e.bounds.map(inputLabel).join(', ').toLowerCase()}.`}
            </p>
            <ul>
              {[...e.shares]
                .sort((a, b) => (b.value ?? -1) - (a.value ?? -1))
                .map((s) => (
                  <li key={s.id} data-unknown={s.value === null || undefined}>
                    <span>{errorName[s.id]}</span>
                    <i style={{ width: `${(100 * (s.value ?? 0)) / most}%` }} aria-hidden="true" />
                    <b>{s.value === null ? 'not known' : micro(s.value, system)}</b>
                    {s.taken > 0 && <small>{takenText(s, system)}</small>}
                  </li>
                ))}
            </ul>
          </section>
        );
      })}
      <p className={styles.hint}>
        Likely: root of the sum of squares, for causes that know nothing of one another. Pitch error and
        growth are over the whole travel; flex is that of the worst cut at the softest place.
      </p>
    </div>
  );
}
