import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { type FileEntry, MOST_FILE_BYTES, type Project } from '@/core/model';
import { demoProject } from '@test/helpers/demo';
import { MAX_FILE_BYTES, MAX_WHOLE_BYTES, readProjectFile, writeProjectFile, writeWholeFile } from '.';

const hashOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');
const entry = (name: string, bytes: Uint8Array): FileEntry => ({
  id: name,
  name,
  type: 'image/png',
  bytes: bytes.length,
  hash: hashOf(bytes),
});
const photo = Uint8Array.from({ length: 70_000 }, (_, i) => (i * 37) % 256);
const trace = Uint8Array.from([0, 255, 1, 254]);
const machine = (...files: FileEntry[]): Project => ({ ...demoProject(), files });

describe('contents of files in an exported file', () => {
  it('come back byte for byte, each once, and leave the document as it is', () => {
    const project = machine(entry('a', photo), entry('b', trace), { ...entry('c', photo), id: 'c' });
    const contents = new Map([photo, trace].map((bytes) => [hashOf(bytes), bytes]));
    const { text, leftOut } = writeWholeFile(project, contents);
    expect(leftOut).toEqual([]);
    const read = readProjectFile(text);
    expect(read.ok && read.project).toEqual(project);
    expect(read.contents).toEqual(contents);
  });
  it('a machine without files has the file that it had before', () => {
    const project = demoProject();
    expect(writeWholeFile(project, new Map()).text).toBe(writeProjectFile(project));
  });
  it('what is not at hand, or has no room, is named and left out, and the file still opens', () => {
    const project = machine(entry('here', trace), entry('gone', photo));
    const { text, leftOut } = writeWholeFile(project, new Map([[hashOf(trace), trace]]));
    expect(leftOut).toEqual(['gone']);
    const read = readProjectFile(text);
    expect(read.ok).toBe(true);
    expect([...read.contents.keys()]).toEqual([hashOf(trace)]);
  });
  it('as many as there is room for go in: the file stays below what is read', () => {
    const large = Array.from({ length: 4 }, (_, i) => new Uint8Array(MOST_FILE_BYTES).fill(i + 1));
    const project = machine(...large.map((bytes, i) => entry(`film-${i}`, bytes)));
    const { text, leftOut } = writeWholeFile(project, new Map(large.map((bytes) => [hashOf(bytes), bytes])));
    expect(leftOut).toEqual(['film-2', 'film-3']);
    expect(text.length).toBeLessThan(MAX_WHOLE_BYTES);
    expect(readProjectFile(text)).toMatchObject({ ok: true });
  });
  it.each([
    ['not base 64', { [hashOf(trace)]: '???' }],
    ['not by hash', { photo: 'AAAA' }],
    ['not a list of them', 7],
  ])('%s is refused at its place, and never thrown', (_name, contents) => {
    const read = readProjectFile(JSON.stringify({ ...demoProject(), contents }));
    expect(read.ok).toBe(false);
    expect(read.issues[0]!.path[0]).toBe('contents');
  });
  it('a document that indented would be too large to be opened again is written close', () => {
    const parts = Array.from({ length: 4000 }, (_, i) => ({
      id: `p${i}`,
      family: 'motor',
      name: `Motor ${i}`,
      values: Object.fromEntries(Array.from({ length: 60 }, (__, j) => [`v${j}`, '1 N'])),
      price: null,
      onHand: 0,
      note: '',
    }));
    const project = { ...demoProject(), ownParts: parts } as Project;
    expect(JSON.stringify(project, null, 2).length).toBeGreaterThan(MAX_FILE_BYTES);
    expect(new TextEncoder().encode(writeProjectFile(project)).length).toBeLessThanOrEqual(MAX_FILE_BYTES);
  });
});
