import { createHash } from 'node:crypto';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { PROGRAM_TYPE, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { type BundleRead, looksLikeZip, readBundle, writeBundle, writeProjectFile } from '.';

type Bytes = Uint8Array<ArrayBuffer>;
const dice = chance(SEED + 41);
const hashOf = (bytes: Bytes) => Promise.resolve(createHash('sha256').update(bytes).digest('hex'));
const sync = (bytes: Bytes) => createHash('sha256').update(bytes).digest('hex');
const [kayak] = demoMachines() as [Project];

const noise = (size: number): Bytes => Uint8Array.from({ length: size }, () => Math.floor(256 * dice.next()));

/** A machine with so many photos, and what is in them. */
function withPhotos(project: Project, count: number, size = 300) {
  const contents = new Map<string, Bytes>();
  const files = Array.from({ length: count }, (_, i) => {
    const bytes = noise(size + i);
    const hash = sync(bytes);
    contents.set(hash, bytes);
    return { id: `photo-${i}`, name: `photo ${i}.jpg`, type: 'image/jpeg', bytes: bytes.length, hash };
  });
  return { project: { ...project, files }, contents };
}

const few = withPhotos(kayak, 3);
const bundle = async ({ project, contents }: typeof few) =>
  (await writeBundle(project, contents, hashOf)).bytes;
const codes = (read: BundleRead) =>
  read.ok ? ['taken'] : read.faults.map((f) => `${f.code} ${f.name}`.trim());
/** The same zip with one of its entries put otherwise. */
async function altered(change: (entries: Record<string, Uint8Array>) => void) {
  const entries = unzipSync(await bundle(few));
  change(entries);
  return zipSync(entries) as Bytes;
}

describe('a bundle', () => {
  it('of 500 photos and 50,000 readings is opened elsewhere byte for byte', async () => {
    const readings = Array.from({ length: 250 }, (_, place) => ({
      place: place % 100,
      typed: '1',
      value: place * 1e-6,
      at: kayak.rounds[0]!.at,
    }));
    const rounds = Array.from({ length: 200 }, (_, i) => ({ ...kayak.rounds[0]!, id: `r${i}`, readings }));
    const large = withPhotos({ ...kayak, rounds }, 500, 4000);
    const read = await readBundle(await bundle(large), hashOf);
    if (!read.ok) throw new Error(JSON.stringify(read));
    expect(writeProjectFile(read.project)).toBe(writeProjectFile(large.project));
    expect(read.contents.size).toBe(500);
    for (const [hash, bytes] of large.contents) expect(sync(read.contents.get(hash)!)).toBe(sync(bytes));
  });
  it('carries programs beside photos, under the ending of a program', async () => {
    const bytes = strToU8('G21\r\nG0 X0\r\n') as Bytes;
    const file = {
      id: 'job',
      name: 'panels.tap',
      type: PROGRAM_TYPE,
      bytes: bytes.length,
      hash: sync(bytes),
    };
    const project = { ...few.project, files: [...few.project.files, file] };
    const zip = await bundle({ project, contents: new Map([...few.contents, [file.hash, bytes]]) });
    expect(Object.keys(unzipSync(zip))).toContain(`files/${file.hash}.nc`);
    const read = await readBundle(zip, hashOf);
    if (!read.ok) throw new Error(JSON.stringify(read));
    expect(read.project.files.at(-1)).toEqual(file);
    expect(read.contents.get(file.hash)).toEqual(bytes);
  });
  it('is the same whenever it is written, and begins as a zip does', async () => {
    const [one, other] = [await bundle(few), await bundle(few)];
    expect(sync(one)).toBe(sync(other));
    expect(looksLikeZip(one)).toBe(true);
    expect(looksLikeZip(strToU8('{"format"'))).toBe(false);
  });
  it('a content that is not in this browser is left out by name, and the rest opens', async () => {
    const { bytes, leftOut } = await writeBundle(few.project, new Map([...few.contents].slice(1)), hashOf);
    expect(leftOut).toEqual(['photo 0.jpg']);
    const read = await readBundle(bytes, hashOf);
    expect(read.ok && read.contents.size).toBe(2);
  });
  it('what would make it larger than is read again is left out by name', async () => {
    const room = few.project.files[0]!.bytes + few.project.files[1]!.bytes;
    const { bytes, leftOut } = await writeBundle(few.project, few.contents, hashOf, { room });
    expect(leftOut).toEqual(['photo 2.jpg']);
    const read = await readBundle(bytes, hashOf);
    expect(read.ok && read.contents.size).toBe(2);
  });
  it('opens with the tools of every system: plain names, JSON inside', async () => {
    const entries = unzipSync(await bundle(few));
    const names = Object.keys(entries);
    expect(names.slice(0, 2)).toEqual(['manifest.json', 'machine.json']);
    expect(names.slice(2).every((n) => /^files\/[0-9a-f]{64}\.jpg$/.test(n))).toBe(true);
    expect(JSON.parse(strFromU8(entries['machine.json']!)).name).toBe(kayak.name);
  });
});

describe('a bundle that is not sound', () => {
  const photo = `files/${few.project.files[0]!.hash}.jpg`;
  it.each<[string, (e: Record<string, Uint8Array>) => void, string]>([
    ['a photo is missing', (e) => delete e[photo], `missing ${photo}`],
    ['a photo was altered', (e) => (e[photo] = noise(300)), `altered ${photo}`],
    ['the machine was altered', (e) => (e['machine.json'] = strToU8('{}')), 'altered machine.json'],
    ['something came in', (e) => (e['files/other.exe'] = noise(9)), 'not-named files/other.exe'],
    ['there is no manifest', (e) => delete e['manifest.json'], 'no-manifest manifest.json'],
    ['the manifest is none', (e) => (e['manifest.json'] = strToU8('[1]')), 'no-manifest manifest.json'],
  ])('%s: told by name', async (_what, change, code) => {
    expect(codes(await readBundle(await altered(change), hashOf))).toEqual([code]);
  });
  it('a content that is not what the machine calls it, though the manifest agrees', async () => {
    const bytes = await altered((e) => {
      e[photo] = noise(300);
      const manifest = JSON.parse(strFromU8(e['manifest.json']!));
      manifest.entries[photo] = { bytes: 300, sha256: sync(e[photo] as Bytes) };
      e['manifest.json'] = strToU8(JSON.stringify(manifest));
    });
    expect(codes(await readBundle(bytes, hashOf))).toEqual([`altered ${photo}`]);
  });
  it('a machine that is none says what is wrong with it, as its own file would', async () => {
    const bytes = await altered((e) => {
      e['machine.json'] = strToU8('{"format":"another"}');
      const manifest = JSON.parse(strFromU8(e['manifest.json']!));
      manifest.entries['machine.json'] = {
        bytes: e['machine.json'].length,
        sha256: sync(e['machine.json'] as Bytes),
      };
      e['manifest.json'] = strToU8(JSON.stringify(manifest));
    });
    const read = await readBundle(bytes, hashOf);
    expect(!read.ok && read.issues.map((i) => i.code)).toEqual(['foreign']);
  });
  it('what would swell beyond its bound is refused before it does', async () => {
    const bytes = await altered((e) => (e[photo] = new Uint8Array(25 * 1024 * 1024)));
    expect(bytes.length).toBeLessThan(100_000);
    expect(codes(await readBundle(bytes, hashOf))).toEqual([`swells ${photo}`]);
  });
  it('one that lies about its size comes to no more than it says', async () => {
    const bytes = await altered((e) => (e[photo] = new Uint8Array(15 * 1024 * 1024)));
    const view = new DataView(bytes.buffer);
    for (let i = 0; i + 4 < bytes.length; i++)
      if (view.getUint32(i, true) === 15 * 1024 * 1024) view.setUint32(i, 10, true);
    expect(codes(await readBundle(bytes, hashOf))[0]).toMatch(/^(altered files|not-a-zip)/);
  });
  it('too many entries, an empty file, no zip at all', async () => {
    const many = Object.fromEntries(Array.from({ length: 2100 }, (_, i) => [`f${i}`, new Uint8Array(1)]));
    expect(codes(await readBundle(zipSync(many) as Bytes, hashOf))).toEqual(['too-many']);
    for (const bytes of [new Uint8Array(0), noise(500), strToU8('{}') as Bytes])
      expect(codes(await readBundle(bytes, hashOf))).toEqual(['not-a-zip']);
  });
  it('cut short anywhere, or with any bytes altered, it is refused or is the same', async () => {
    const whole = await bundle(few);
    const said = writeProjectFile(few.project);
    const sound = async (bytes: Bytes) => {
      const read = await readBundle(bytes, hashOf);
      if (read.ok) expect(writeProjectFile(read.project)).toBe(said);
      return read.ok;
    };
    for (let k = 0; k < 150; k++)
      expect(await sound(whole.slice(0, Math.floor(whole.length * dice.next())))).toBe(false);
    let refused = 0;
    for (let k = 0; k < 250; k++) {
      const bytes = whole.slice();
      for (let n = 0; n < 4; n++)
        bytes[Math.floor(bytes.length * dice.next())]! ^= 1 + Math.floor(255 * dice.next());
      if (!(await sound(bytes))) refused++;
    }
    expect(refused).toBeGreaterThan(225);
  });
});

describe('where two copies parted', () => {
  it('is told by marks of the states before, the newest first and no more than are read again', async () => {
    const marks = Array.from({ length: 50 }, (_, i) => String(i).padStart(64, '0'));
    const written = await writeBundle(kayak, new Map(), hashOf, { before: marks });
    const read = await readBundle(written.bytes, hashOf);
    expect(read.ok && read.state).toBe(written.state);
    expect(read.ok && read.before).toEqual(marks.slice(0, 40));
  });
  it('is the same mark for the same machine, whoever hands it out', async () => {
    const marks = ['a', 'b'].map((c) => [c.repeat(64)]);
    const states = await Promise.all(
      marks.map(async (before) => (await writeBundle(kayak, new Map(), hashOf, { before })).state),
    );
    expect(states[0]).toBe(states[1]);
  });
});
