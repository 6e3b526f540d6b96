import { expect, it } from 'vitest';
import lockFile from '../../package-lock.json';
import packageFile from '../../package.json';

type Package = { dependencies?: Record<string, string>; devDependencies?: Record<string, string> };
const own: Package = packageFile;
const lock = lockFile.packages as unknown as Record<string, Package & { integrity?: string }>;

/** npm is told to follow the lock to the letter; where the two part, it would quietly fetch something else. */
it('the lock file is of this package.json', () => {
  expect(lock['']?.dependencies).toEqual(own.dependencies);
  expect(lock['']?.devDependencies).toEqual(own.devDependencies);
  const named = Object.keys({ ...own.dependencies, ...own.devDependencies });
  expect(named.filter((n) => !lock[`node_modules/${n}`]?.integrity)).toEqual([]);
});

it('the lock file names no registry', () => {
  expect(JSON.stringify(lockFile)).not.toContain('"resolved"');
});
