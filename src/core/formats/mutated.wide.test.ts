import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { families, type Family } from '@/core/catalogue';
import { type Drawing, outline, circle } from '@/core/drawing';
import { openProject, type Project } from '@/core/model';
import { MachineStorage, Database } from '@/storage';
import { chance, type Chance, SEED, WIDE } from '@test/helpers/chance';
import { mutatedBytes, mutatedText } from '@test/helpers/mutate';
import {
  drawingDxf,
  readBundle,
  readCurveCsv,
  readDxfOutline,
  readListCsv,
  readPartsCsv,
  readProjectFile,
  writeBundle,
  writeListCsv,
  writePartsCsv,
  writeProjectFile,
} from '.';

/** Of every format so many; the sum over all is a hundred thousand. */
const COUNT = {
  machine: 30_000,
  bundle: 12_000,
  curve: 18_000,
  parts: 16_000,
  list: 14_000,
  dxf: 10_000,
} as const;
/** Nothing that somebody drops on the page may keep it longer, ms. */
const PATIENCE = 2000;

/** Reads so many mutated files: none may throw, none may take long; tells the seed of one that does. */
function every<T>(
  count: number,
  seed: number,
  make: (c: Chance) => T,
  read: (file: T) => void,
): { readonly slowest: number } {
  let slowest = 0;
  for (let i = 0; i < count * WIDE; i++) {
    const own = seed + i;
    const file = make(chance(own));
    const begun = performance.now();
    try {
      read(file);
    } catch (cause) {
      throw new Error(`seed ${own}: ${String(cause)}`, { cause });
    }
    slowest = Math.max(slowest, performance.now() - begun);
  }
  return { slowest };
}

const small = readFileSync('test/fixtures/machine-v1.json', 'utf8');
const large = readFileSync('demo/fernhollow-gate-table.machine.json', 'utf8');
const project = (() => {
  const read = readProjectFile(small);
  if (!read.ok) throw new Error('the fixture does not open');
  return read.project;
})();

describe('a machine file that is damaged', () => {
  it('is refused or opens; what opens is written so that it opens again as the same', () => {
    let opened = 0;
    const { slowest } = every(
      COUNT.machine,
      SEED,
      // The large one now and then: it takes ten times as long.
      (c) => mutatedText(c.next() < 0.02 ? large : small, c),
      (text) => {
        const read = readProjectFile(text);
        if (!read.ok) {
          expect(read.issues.length).toBeGreaterThan(0);
          return;
        }
        opened += 1;
        const again = readProjectFile(writeProjectFile(read.project));
        expect(again.ok && again.project).toEqual(read.project);
      },
    );
    expect(opened).toBeGreaterThan(0);
    expect(slowest).toBeLessThan(PATIENCE);
  }, 1_800_000);
  it('is stored whole or not at all', async () => {
    const storage = new MachineStorage(new Database('mutated'));
    for (let i = 0; i < 300 * WIDE; i++) {
      const read = readProjectFile(mutatedText(small, chance(SEED + 7 * i)));
      if (!read.ok) continue;
      const added = await storage.add(read.project);
      const loaded = added.ok ? await storage.load(added.id) : undefined;
      expect(loaded?.ok && { ...loaded.project, id: '', name: '' }).toEqual({
        ...read.project,
        id: '',
        name: '',
      });
    }
    await storage.db.delete();
  }, 600_000);
  it('as a document of any shape is refused or opens', () => {
    const value = JSON.parse(small) as Record<string, unknown>;
    const fields = Object.keys(value);
    const odd = [null, 0, '', [], {}, true, -1, 'x'.repeat(500), [[]], { id: 1 }];
    every(
      4000,
      SEED,
      (c) => ({ ...value, [c.pick(fields)]: c.pick(odd), [c.pick(fields)]: c.pick(odd) }),
      (document) => void openProject(document),
    );
  }, 600_000);
});

describe('a bundle that is damaged', () => {
  it('is refused by name, or is as it was written', async () => {
    const hashOf = (bytes: Uint8Array) => Promise.resolve(createHash('sha256').update(bytes).digest('hex'));
    const photo = Uint8Array.from({ length: 400 }, (_, i) => (i * 37) % 251);
    const hash = await hashOf(photo);
    const with1: Project = {
      ...project,
      files: [{ id: 'p', name: 'photo.jpg', type: 'image/jpeg', bytes: photo.length, hash }],
    };
    const { bytes } = await writeBundle(with1, new Map([[hash, photo]]), hashOf);
    let [opened, slowest] = [0, 0];
    for (let i = 0; i < COUNT.bundle * WIDE; i++) {
      const seed = SEED + i;
      const file = mutatedBytes(bytes, chance(seed));
      const begun = performance.now();
      const read = await readBundle(file, hashOf).catch((cause: unknown) => {
        throw new Error(`seed ${seed}: ${String(cause)}`);
      });
      slowest = Math.max(slowest, performance.now() - begun);
      if (!read.ok) {
        expect(read.faults.length + read.issues.length, `seed ${seed}`).toBeGreaterThan(0);
        continue;
      }
      opened += 1;
      // What opens is whole: nothing of it may have been altered unseen.
      expect(read.project, `seed ${seed}`).toEqual(with1);
      expect([...(read.contents.get(hash) ?? [])], `seed ${seed}`).toEqual([...photo]);
    }
    expect(opened).toBeLessThan(COUNT.bundle * WIDE);
    expect(slowest).toBeLessThan(PATIENCE);
  }, 1_800_000);
});

describe('tables that are damaged', () => {
  const curve = '# a stepper\nrpm;N·m\n0;2,2\n300;2,0\n600;1,5\n900;1,0\n1200;0,7\n';
  it('torque curves are refused by line and field, or give finite figures', () => {
    const { slowest } = every(
      COUNT.curve,
      SEED,
      (c) => mutatedText(curve, c),
      (text) => {
        const read = readCurveCsv(text);
        if (!read.ok) expect(read.line).toBeGreaterThan(0);
        else
          for (const { speed, torque } of read.points)
            expect([speed, torque].every((m) => Number.isFinite(m.si))).toBe(true);
      },
    );
    expect(slowest).toBeLessThan(PATIENCE);
  }, 900_000);
  it('parts are refused by line and field, or are written so that they are read again', () => {
    const own = (family: Family) =>
      family.parts
        .slice(0, 4)
        .map((p) => ({ ...p, family: family.id, values: { ...p.values }, onHand: 2, note: 'a, "b"' }));
    const texts = families.map((f) => [f, writePartsCsv(f, own(f))] as const);
    const { slowest } = every(
      COUNT.parts,
      SEED,
      (c) => {
        const [family, text] = c.pick(texts);
        return { family, text: mutatedText(text, c) };
      },
      ({ family, text }) => {
        const read = readPartsCsv(family, text);
        if (!read.ok) return expect(read.line).toBeGreaterThan(0);
        const again = readPartsCsv(
          family,
          writePartsCsv(
            family,
            read.parts.map((p, i) => ({ ...p, id: `p${i}` })),
          ),
        );
        // What the catalogue has follows as examples.
        expect(again.ok && again.parts.slice(0, read.parts.length)).toEqual(read.parts);
      },
    );
    expect(slowest).toBeLessThan(PATIENCE);
  }, 900_000);
  it('lists are refused by line and field, or are written so that they are read again', () => {
    const head = writeListCsv([]);
    const rows = [
      'bed/rack,Rack,Bed axis,3,piece,wanted,seller,12.5,1,0,note',
      'own:x,Glue,,1,piece,here,,,,,',
    ];
    const text = `${head.trim()}\n${rows.join('\n')}\n`;
    const { slowest } = every(
      COUNT.list,
      SEED,
      (c) => mutatedText(text, c),
      (file) => {
        const read = readListCsv(file);
        if (!read.ok) return expect(read.line).toBeGreaterThan(0);
        const again = readListCsv(writeListCsv(read.rows));
        expect(again.ok && again.rows.map((r) => ({ ...r, at: 0 }))).toEqual(
          read.rows.map((r) => ({ ...r, at: 0 })),
        );
      },
    );
    expect(slowest).toBeLessThan(PATIENCE);
  }, 900_000);
});

describe('a drawing that is damaged', () => {
  it('is refused with a reason, or gives an outline of finite corners', () => {
    const pen = { pen: { ink: 'ink' as const, width: 1 } };
    const plate: Drawing = {
      scale: 96 / 0.0254,
      shapes: [
        outline(
          'OUTLINE',
          [
            { x: 0, y: 0 },
            { x: 0.2, y: 0 },
            { x: 0.2, y: 0.1 },
            { x: 0, y: 0.1 },
          ],
          pen,
        ),
        circle('THRU_5_5', { x: 0.02, y: 0.02 }, 0.00275, pen),
      ],
    };
    const text = drawingDxf(plate);
    const { slowest } = every(
      COUNT.dxf,
      SEED,
      (c) => mutatedText(text, c),
      (file) => {
        const read = readDxfOutline(file);
        if (!read.ok) return expect(read.why).toBeTruthy();
        for (const { x, y } of read.outline) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
        return undefined;
      },
    );
    expect(slowest).toBeLessThan(PATIENCE);
  }, 900_000);
});
