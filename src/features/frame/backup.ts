import { fileName, writeBundle } from '@/core/formats';
import type { Project } from '@/core/model';
import { hashOf, type MachineStorage } from '@/storage';

/** What a folder on disk is asked for, beside what the types of the browser know. */
interface AskableFolder extends FileSystemDirectoryHandle {
  queryPermission?(how: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(how: { mode: 'readwrite' }): Promise<PermissionState>;
}

interface PickingWindow {
  showDirectoryPicker?: (how: { id: string; mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
}

/** Whether this browser lets a page write into a folder at all. */
export const foldersAllowed = (): boolean =>
  typeof (window as PickingWindow).showDirectoryPicker === 'function';

/** Lets the user choose a folder. @returns undefined where they thought better of it. */
export async function pickFolder(): Promise<FileSystemDirectoryHandle | undefined> {
  try {
    return await (window as PickingWindow).showDirectoryPicker?.({ id: 'backups', mode: 'readwrite' });
  } catch (cause) {
    if (cause instanceof DOMException && cause.name === 'AbortError') return undefined;
    throw cause;
  }
}

/** Whether the browser lets us write there now. @param ask asks the user; only after a press. */
export async function mayWrite(folder: FileSystemDirectoryHandle, ask: boolean): Promise<boolean> {
  const askable: AskableFolder = folder;
  // A browser that knows no such question has answered it when the folder was chosen.
  const state = (await askable.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
  if (state === 'granted' || !ask) return state === 'granted';
  return (await askable.requestPermission?.({ mode: 'readwrite' })) === 'granted';
}

/**
 * A machine with its photos as a bundle; the state that leaves is known from then on.
 * @param slot see `Outside.know`.
 */
export async function bundleOf(storage: MachineStorage, project: Project, slot = '') {
  const contents = await storage.contents.of(project.files);
  const before = await storage.outside.known(project.id);
  const bundle = await writeBundle(project, contents, hashOf, { before });
  await storage.outside.know(project, bundle.state, slot);
  return bundle;
}

/** One file for each machine and day, so that no backup is written over an older day's. */
export const backupName = ({ name, id }: Pick<Project, 'name' | 'id'>, day: string): string =>
  fileName(`${name} ${id.slice(0, 8)} ${day}`, 'bundle.zip');

/**
 * Writes a machine, as it is stored, into the folder: whole or not at all, for the browser puts the file in
 * its place only when it is closed.
 * @returns whether there is such a machine.
 * @throws what folder or store throw.
 */
export async function writeBackup(
  storage: MachineStorage,
  folder: FileSystemDirectoryHandle,
  id: string,
  day: string,
): Promise<boolean> {
  const loaded = await storage.load(id);
  if (!loaded.ok) return false;
  const { project, mark } = loaded;
  const { bytes } = await bundleOf(storage, project, 'backup');
  const file = await folder.getFileHandle(backupName(project, day), { create: true });
  const out = await file.createWritable();
  try {
    await out.write(bytes);
    await out.close();
  } catch (cause) {
    await out.abort().catch(() => undefined);
    throw cause;
  }
  await storage.outside.leave(id, mark.revision);
  return true;
}
