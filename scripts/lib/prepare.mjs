// Works before node_modules exists: only Node's own modules here.
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { chromiumPath } from './browser.mjs';
import { writeInlineScripts } from './inline-scripts.mjs';
import { root } from './root.mjs';

process.env.NEXT_TELEMETRY_DISABLED = '1';

/** Runs a program with its output shown; true if it ended well. */
export function run(command, args, options = {}) {
  return (
    spawnSync(command, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'], ...options }).status === 0
  );
}

/** Runs a script that ships in node_modules. */
export const runModule = (script, args, options) =>
  run(process.execPath, [join(root, 'node_modules', script), ...args], options);

/** Installs the locked packages if they are missing or older than the lock. */
export function ensureModules({ quiet = false } = {}) {
  const stamp = join(root, 'node_modules', '.installed-lock');
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  if (!quiet) console.log('Installing the packages of package-lock.json ...');
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
  });
  writeFileSync(stamp, wanted);
}

const onPath = (name) =>
  (process.env.PATH ?? '').split(delimiter).some((folder) => existsSync(join(folder, name)));

/**
 * Makes sure of a Debian package. @param there whether what it brings is there.
 * @returns the name of the package where it cannot be installed, else undefined.
 */
function ensurePackage(name, there) {
  if (there()) return undefined;
  if (!onPath('apt-get')) return name;
  const sudo = process.getuid?.() === 0 ? [] : onPath('sudo') ? ['sudo', '-n'] : undefined;
  if (!sudo) return name;
  console.log(`Installing the Debian package ${name} ...`);
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, {
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      stdio: ['ignore', 'ignore', 'inherit'],
    });
  };
  apt('update', '-qq');
  return apt('install', '-y', '-qq', '--no-install-recommends', name) && there() ? undefined : name;
}

/** Debian's Chromium, for the browser tests. */
export const ensureChromium = () => ensurePackage('chromium', () => existsSync(chromiumPath));

/** What renders a PDF for the tests of what is printed. */
export const ensurePoppler = () => ensurePackage('poppler-utils', () => onPath('pdftoppm'));

function* filesBelow(path) {
  if (!statSync(path).isDirectory()) yield path;
  else for (const name of readdirSync(path).sort()) yield* filesBelow(join(path, name));
}

const NEXT = 'next/dist/bin/next';

/**
 * Builds the application unless the last build was made from the same sources. @param run how a script is
 * run.
 */
export async function ensureBuild(run = runModule) {
  const hash = createHash('sha256');
  for (const part of ['src', 'demo', 'next.config.ts', 'tsconfig.json', 'package-lock.json'])
    for (const file of filesBelow(join(root, part))) hash.update(file).update(readFileSync(file));
  const wanted = hash.digest('hex');
  const stamp = join(root, '.next', 'built-from');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return true;
  console.log('Building the application ...');
  if (!(await run(NEXT, ['build']))) return false;
  writeInlineScripts(join(root, '.next'));
  writeFileSync(stamp, wanted);
  return true;
}
