import { describe, expect, it } from 'vitest';
import { MOST_FILE_BYTES, MOST_NAME } from '@/core/model';
import { Database, MachineStorage } from '@/storage';
import { keepProgram } from './keep-file';

const storage = new MachineStorage(new Database('programs'));
const program = (name: string, content: BlobPart = 'G21\nM2\n') => new File([content], name);
const keep = (file: File, taken: readonly string[] = []) => keepProgram(storage, file, taken);
const nameOf = async (name: string, taken: readonly string[] = []) => {
  const kept = await keep(program(name), taken);
  return 'file' in kept ? kept.file.name : kept.refused;
};

describe('a program that is kept', () => {
  it('lies here byte for byte under its hash', async () => {
    const kept = await keep(program('a.nc', 'G0 X1\r\n'));
    if ('refused' in kept) throw new Error(kept.refused);
    expect(kept.file).toMatchObject({ name: 'a.nc', bytes: 7 });
    expect(new TextDecoder().decode(await storage.contents.get(kept.file.hash))).toBe('G0 X1\r\n');
    expect(await storage.contents.known([kept.file.hash, '0'.repeat(64)])).toEqual(new Set([kept.file.hash]));
  });
  it('has a name of its own, no longer than a name may be, with its ending', async () => {
    expect(await nameOf('a.nc', ['a.nc', 'a (2).nc'])).toBe('a (3).nc');
    const long = await nameOf(`${'x'.repeat(200)}.ngc`, [`${'x'.repeat(MOST_NAME - 4)}.ngc`]);
    expect(long).toHaveLength(MOST_NAME);
    expect(long).toMatch(/x \(2\)\.ngc$/);
    expect(await nameOf('.nc')).toBe('.nc');
  });
  it('is refused by its name where it is empty, no text, too large, or nothing keeps it', async () => {
    expect(await keep(program('e.nc', ''))).toEqual({ refused: 'e.nc: read nothing; wanted a program.' });
    expect(await keep(program('z.nc', 'PK\u0000'))).toEqual({
      refused: 'z.nc: read what is no text; wanted a program, which is text.',
    });
    const large = program('l.nc');
    Object.defineProperty(large, 'size', { value: MOST_FILE_BYTES + 1 });
    expect(await keep(large)).toEqual({
      refused: 'l.nc: read 20971521 bytes; wanted a program of at most 20971520 bytes.',
    });
    expect(await keepProgram(null, program('n.nc'), [])).toEqual({
      refused: 'Nothing is kept in this browser just now.',
    });
  });
});
