import type { BegunBar, OwnPiece, Project } from '@/core/model';
import type { Need, NeedSection } from '../needs';
import { ownKey } from '../list/lines';

/** A piece that has to be sawn, and what it is for. */
export interface WantedPiece {
  /** Key of its need and its number: stays the same while the model asks for it. */
  readonly id: string;
  readonly key: string;
  readonly length: number;
  readonly first: number | null;
  /** Whether its length rests on numbers that nobody has said. */
  readonly guessed: boolean;
}

/** All pieces out of one section. */
export interface WantedSection {
  readonly section: NeedSection;
  readonly pieces: readonly WantedPiece[];
}

/** A section that only the builder knows: by the words that were typed. */
const ownSection = ({ section, mitre }: OwnPiece, known: NeedSection | undefined): NeedSection => {
  const plain: NeedSection = known ?? {
    key: section,
    kind: 'member',
    params: { text: section },
    form: { kind: 'plain' },
    hard: false,
  };
  if (!mitre) return plain;
  return {
    ...plain,
    key: `${section} | ${Math.round(mitre.si * 1e5) / 100}`,
    params: { ...plain.params, mitre: mitre.si },
    form: { kind: 'mitred', height: mitre.si },
  };
};

/** What is sawn, section by section: what the model asks, then the builder's own. */
export function wantedSections(
  { ownPieces }: Pick<Project, 'ownPieces'>,
  needs: readonly Need[],
): readonly WantedSection[] {
  const sections = new Map<string, { section: NeedSection; pieces: WantedPiece[] }>();
  const put = (section: NeedSection, piece: WantedPiece) => {
    const found = sections.get(section.key);
    if (found) found.pieces.push(piece);
    else sections.set(section.key, { section, pieces: [piece] });
  };
  for (const { key, sawn, guessed } of needs)
    sawn?.pieces.forEach(({ length, first }, i) =>
      put(sawn.section, { id: `${key}#${i + 1}`, key, length, first, guessed }),
    );
  for (const piece of ownPieces) {
    const section = ownSection(piece, sections.get(piece.section)?.section);
    for (let i = 1; i <= piece.count; i++) {
      const key = ownKey(piece.id);
      put(section, { id: `${key}#${i}`, key, length: piece.length.si, first: null, guessed: false });
    }
  }
  return [...sections.values()];
}

/** How far a cut piece may be off and still be the one that is wanted, m; common practice, no source. */
const TRUE_ENOUGH = 0.0005;

/** Pieces that lie cut and good, by their id. */
export function goodPieces(
  begun: readonly BegunBar[],
  pieces: readonly WantedPiece[],
): ReadonlyMap<string, 'good' | 'other-length'> {
  const wanted = new Map(pieces.map((p) => [p.id, p]));
  const good = new Map<string, 'good' | 'other-length'>();
  for (const { cuts } of begun)
    for (const { piece, start, end, state } of cuts) {
      const asked = wanted.get(piece);
      if (state !== 'good' || !asked) continue;
      const fits = Math.abs(end - start - asked.length) <= TRUE_ENOUGH;
      if (fits || !good.has(piece)) good.set(piece, fits ? 'good' : 'other-length');
    }
  return good;
}
