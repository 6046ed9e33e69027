import { describe, expect, it } from 'vitest';
import { readBundle } from '@/core/formats';
import { hashOf, MachineStorage } from '@/storage';
import { demoProject } from '@test/helpers/demo';
import { backupName, mayWrite, writeBackup } from './backup';

/** A folder on disk that keeps what was written in memory; a file is there when it is closed. */
function memoryFolder(state: PermissionState = 'granted') {
  const files = new Map<string, Uint8Array<ArrayBuffer>>();
  let breaks = false;
  const asked: string[] = [];
  const folder = {
    kind: 'directory',
    name: 'backups',
    queryPermission: () => Promise.resolve(state),
    requestPermission: () => {
      asked.push('asked');
      return Promise.resolve<PermissionState>('granted');
    },
    getFileHandle: (name: string) =>
      Promise.resolve({
        createWritable: () => {
          let held: Uint8Array<ArrayBuffer>;
          return Promise.resolve({
            write: (bytes: Uint8Array<ArrayBuffer>) => {
              if (breaks) return Promise.reject(new Error('the stick was pulled out'));
              held = bytes;
              return Promise.resolve();
            },
            close: () => {
              files.set(name, held);
              return Promise.resolve();
            },
            abort: () => Promise.resolve(),
          });
        },
      }),
  } as unknown as FileSystemDirectoryHandle;
  return { folder, files, asked, pullOut: () => (breaks = true) };
}

describe('a backup in a folder', () => {
  it('is the whole machine, under a name of its own for each machine and day', async () => {
    const storage = new MachineStorage();
    const { folder, files } = memoryFolder();
    await storage.add(demoProject());
    expect(await writeBackup(storage, folder, 'tern-creek', '2026-11-28')).toBe(true);
    const [[name, bytes]] = [...files] as [[string, Uint8Array<ArrayBuffer>]];
    expect(name).toBe('tern-creek-kayak-router-tern-cre-2026-11-28.bundle.zip');
    const read = await readBundle(bytes, hashOf);
    expect(read.ok && read.project.name).toBe('Tern Creek kayak router');
    expect(await writeBackup(storage, folder, 'nobody', '2026-11-28')).toBe(false);
  });
  it('never gives two machines one file, though they are called the same', () => {
    const names = ['aaaaaaaa-1', 'bbbbbbbb-1'].map((id) => backupName({ name: 'Router', id }, '2026-01-01'));
    expect(new Set(names).size).toBe(2);
  });
  it('leaves what lies there as it is when the disk goes, and does not count as out', async () => {
    const storage = new MachineStorage();
    const { folder, files, pullOut } = memoryFolder();
    await storage.add(demoProject());
    await writeBackup(storage, folder, 'tern-creek', '2026-11-28');
    const before = files.get([...files.keys()][0]!);
    await storage.outside.leave('tern-creek', 0);
    pullOut();
    await expect(writeBackup(storage, folder, 'tern-creek', '2026-11-28')).rejects.toThrow('stick');
    expect(files.get([...files.keys()][0]!)).toBe(before);
    expect((await storage.db.outside.get('tern-creek'))?.revision).toBe(0);
  });
  it('asks the user only after a press', async () => {
    const { folder, asked } = memoryFolder('prompt');
    expect(await mayWrite(folder, false)).toBe(false);
    expect(asked).toEqual([]);
    expect(await mayWrite(folder, true)).toBe(true);
    expect(asked).toEqual(['asked']);
  });
});
