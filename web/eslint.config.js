import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** From the bottom up: what stands in one of these may use what stands before it, and nothing that comes after. */
const FLOORS = [
  ['api', 'units'],
  ['reader'],
  ['ui'],
  ['charts'],
  ['figures', 'forms'],
  ['features'],
  ['app'],
];
const folders = (path) => readdirSync(path, { withFileTypes: true }).filter((f) => f.isDirectory());
const names = (path) => folders(path).map((f) => f.name);

const strangers = names('src').filter((f) => f !== 'test-support' && !FLOORS.flat().includes(f));
if (strangers.length > 0) throw new Error(`Say in eslint.config.js on which floor these stand: ${strangers}`);

const forbid = (files, group, message) => ({
  files: [`${files}/**`],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
});

const above = FLOORS.flatMap((floor, i) =>
  floor
    .filter((f) => f !== 'features')
    .map((f) =>
      forbid(
        `src/${f}`,
        FLOORS.slice(i + 1)
          .flat()
          .map((upper) => `**/${upper}/**`),
        `It stands above ${f}.`,
      ),
    ),
);

/** No feature knows another, nor the application that shows them all. */
const features = names('src/features').map((f) =>
  forbid(
    `src/features/${f}`,
    [
      '**/app/**',
      ...names('src/features')
        .filter((other) => other !== f)
        .map((other) => `../${other}/**`),
    ],
    'Features do not know each other; what two of them need stands below them.',
  ),
);

export default [
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  hooks.configs.flat['recommended-latest'],
  // What people wrote is text, in every field: nothing turns text into markup.
  {
    files: ['src/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "JSXAttribute[name.name='dangerouslySetInnerHTML'], MemberExpression[property.name=/^(innerHTML|outerHTML|insertAdjacentHTML|srcdoc)$/], CallExpression[callee.object.name='document'][callee.property.name=/^write(ln)?$/]",
          message: 'What people wrote would become markup.',
        },
      ],
    },
  },
  // A component that needs more says more than one thing.
  {
    files: ['src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 95, skipComments: true }] },
  },
  ...above.filter((rule) => rule.rules['no-restricted-imports'][1].patterns[0].group.length > 0),
  ...features,
];
