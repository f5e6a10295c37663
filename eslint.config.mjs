import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { ZONES } from './scripts/rooms.mjs';

/** What each floor may not import: it may look down, never up. See docs/architecture.md. */
const above = (...names) => ({
  'no-restricted-imports': [
    'error',
    {
      patterns: names.map(([group, message]) => ({ group, message })),
    },
  ],
});

/** One clock, at the edge: what reads it elsewhere cannot be tested, and two clocks disagree. */
const CLOCK = [
  "MemberExpression[object.name='Date'][property.name='now']",
  "NewExpression[callee.name='Date'][arguments.length=0]",
].map((selector) => ({ selector, message: 'The clock is an argument: pass `now` in.' }));

/** Metro makes a look-up in the running app of each name that is passed on so: loops of core took a fifth longer. */
const PASSED_ON = {
  selector: 'ExportAllDeclaration',
  message: 'A thing is imported from the file that makes it.',
};
/** The index of a package of small files takes all of them along: one page had 290 files of dates it never called. */
const WHOLE = {
  selector: "ImportDeclaration[importKind!='type'][source.value=/^(date-fns|@date-fns\\u002Ftz)$/]",
  message: 'Import each function from its own file: date-fns/addDays.',
};

const REACT = [
  [
    'react',
    'react/*',
    'react-dom',
    'react-native',
    'react-native-*',
    'expo',
    'expo-*',
    'react-redux',
    'lucide-*',
  ],
  'No React below src/ui and src/store.',
];
const STORAGE = [['@react-native-async-storage/*'], 'Only src/store touches storage.'];
const REDUX = [['@reduxjs/*', 'react-redux'], 'Only src/store and app use Redux.'];
const floor = (name) => [
  [`@/${name}`, `@/${name}/*`, `**/src/${name}/**`, `**/../${name}`, `**/../${name}/*`],
  `This floor may not import ${name}.`,
];
const ROUTES = [['**/app/*'], 'Nothing imports a route.'];
const SERVER = [['**/server/*'], 'Only the server imports the server.'];

export default tseslint.config(
  { ignores: ['dist', '.expo', '.bench', '.setup', 'node_modules', '*.config.js', 'test-results'] },
  ...tseslint.configs.recommended,
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    files: ['src/{store,ui,work}/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}'],
    ignores: ['**/__tests__/**', 'src/store/edge.ts'],
    rules: { 'no-restricted-syntax': ['error', ...CLOCK, PASSED_ON, WHOLE] },
  },
  {
    files: ['**/*.{ts,tsx}'],
    ignores: ['**/__tests__/**', 'src/test/**', 'e2e/**'],
    rules: {
      'max-lines': ['error', 250],
      'max-params': ['error', 4],
      'max-lines-per-function': ['error', { max: 60, skipComments: true, skipBlankLines: true }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/__tests__/**'],
    rules: {
      ...above(REACT, STORAGE, REDUX, floor('store'), floor('ui'), floor('work'), ROUTES, SERVER),
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'navigator',
        'fetch',
      ],
      'no-restricted-syntax': [
        'error',
        ...CLOCK,
        PASSED_ON,
        WHOLE,
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Chance is an argument: pass a seed in.',
        },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}', 'server/**/*.ts'],
    ignores: ['**/__tests__/**'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [createTypeScriptImportResolver()],
      'import-x/extensions': ['.ts', '.tsx'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
    },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: ZONES }],
      'import-x/no-cycle': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}'],
    ignores: ['**/__tests__/**', 'src/core/intl/**'],
    rules: {
      'no-restricted-properties': [
        'error',
        ...['NumberFormat', 'DateTimeFormat', 'DisplayNames', 'Locale', 'supportedValuesOf'].map(
          (property) => ({
            object: 'Intl',
            property,
            message: 'Figures are written by core/intl.',
          }),
        ),
        ...['toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'].map((property) => ({
          property,
          message: 'Figures are written by core/intl.',
        })),
      ],
    },
  },
  {
    files: ['src/work/**/*.ts'],
    rules: above(REACT, STORAGE, REDUX, floor('store'), floor('ui'), ROUTES, SERVER),
  },
  {
    files: ['src/ui/**/*.{ts,tsx}'],
    ignores: ['**/__tests__/**'],
    rules: above(STORAGE, REDUX, floor('store'), ROUTES, SERVER),
  },
  {
    files: ['src/store/**/*.{ts,tsx}'],
    ignores: ['**/__tests__/**'],
    rules: above(floor('ui'), ROUTES, SERVER),
  },
  { files: ['app/**/*.{ts,tsx}'], rules: above(STORAGE, SERVER) },
  {
    files: ['server/**/*.ts'],
    rules: above(REACT, STORAGE, REDUX, floor('store'), floor('ui'), ROUTES),
  },
  { files: ['scripts/**', 'bench/**', 'faults/**', 'server/**'], rules: { 'no-console': 'off' } },
);
