// The licences of everything that the built pages carry, the fonts' too, as the packages state them: dist/notices.txt.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
const licence = (folder) => {
  const name = readdirSync(folder).find((f) => /^licen[cs]e/i.test(f) || /^ofl/i.test(f));
  return name === undefined ? '' : readFileSync(`${folder}/${name}`, 'utf8').trim();
};
const notices = Object.entries(lock.packages)
  .filter(([path, p]) => path !== '' && !p.dev && !p.devOptional && existsSync(path))
  .map(([path, p]) => {
    const name = path.replace(/^.*node_modules\//, '');
    if (!p.license) throw new Error(`${name} ${p.version} states no licence; look at it before it ships`);
    return `${name} ${p.version}: ${p.license}\n\n${licence(path)}`.trim();
  });
writeFileSync('dist/notices.txt', `${notices.join(`\n\n${'-'.repeat(80)}\n\n`)}\n`);
console.log(`${notices.length} packages in dist/notices.txt`);
