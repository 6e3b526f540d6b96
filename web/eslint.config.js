import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const features = ['tests', 'stops', 'compare', 'import'];

/** What draws and what is shared must not know the features; features must not know each other. */
const arrows = [
  { files: ['src/ui/**', 'src/charts/**', 'src/api/**', 'src/units/**'], patterns: ['**/features/**', '**/app/**'] },
  ...features.map((f) => ({
    files: [`src/features/${f}/**`],
    patterns: features.filter((o) => o !== f).map((o) => `**/${o}/*`).map((p) => `../${p.slice(3)}`),
  })),
].map(({ files, patterns }) => ({ files, rules: { 'no-restricted-imports': ['error', { patterns }] } }));

export default [
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  hooks.configs.flat['recommended-latest'],
  ...arrows,
];
