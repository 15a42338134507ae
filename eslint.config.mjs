import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The parts of src/, and what each may import: the arrows of docs/how-it-works.md. */
const parts = ['core', 'server', 'pages', 'islands', 'workers', 'layouts'];
/** @type {Record<string, string[]>} */
const mayImport = {
  core: ['core'],
  server: ['server', 'core'],
  workers: ['workers', 'core'],
  islands: ['islands', 'workers', 'core'],
  layouts: ['layouts'],
  pages: ['pages', 'layouts', 'islands', 'server', 'core'],
};

/**
 * The folders of the core, from the ground up: each may import those of earlier lines, never one beside it. A subject
 * does not call another subject; what two need lies below both.
 */
const coreLayers = [
  ['length', 'colour', 'geometry', 'text', 'schedule'],
  ['paper', 'lettering', 'svg'],
  ['plan'],
  ['outline', 'words', 'stash'],
  ['arrangement', 'stencilling', 'drawing', 'acts'],
  ['kinds'],
  ['resolve'],
  ['measuring', 'pictures'],
  ['cutting', 'composition', 'reformat', 'inking', 'masking', 'process'],
  ['supplies'],
  ['post'],
  ['findings', 'prose'],
  ['compute'],
  ['replies'],
];

/**
 * The folders of the interface, from the ground up: words and what goes over the wire, the parts that pages share, the
 * planner of sheets, the session of one card, its stations, and the pages. A station imports no other.
 */
const islandLayers = [
  ['words', 'wire'],
  ['parts'],
  ['planning'],
  ['session'],
  ['stations', 'revisions'],
  ['workbench', 'ledge', 'stash', 'buying', 'team'],
];

/**
 * @param {string} root
 * @param {string[][]} layers
 * @param {string} message
 * @returns {import('typescript-eslint').ConfigArray}
 */
const layerRules = (root, layers, message) =>
  layers.flatMap((layer, at) =>
    layer.map((folder) => ({
      files: [`${root}/${folder}/**/*.{ts,tsx}`],
      ignores: ['src/**/*.test.{ts,tsx}'],
      rules: {
        '@typescript-eslint/no-restricted-imports': [
          'error',
          {
            patterns: [
              {
                regex: `^(\\.\\./)+(${layers
                  .slice(at)
                  .flat()
                  .filter((other) => other !== folder)
                  .join('|')})/`,
                message,
              },
            ],
          },
        ],
      },
    })),
  );

export default tseslint.config(
  { ignores: ['dist', '.astro', 'node_modules', '.nib', 'data*', 'test-results'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.mjs'],
    languageOptions: {
      globals: Object.fromEntries(
        // `document` is the page's, in what a script has the browser run.
        [
          'process',
          'console',
          'Buffer',
          'performance',
          'fetch',
          'document',
          'setTimeout',
          'structuredClone',
        ].map((name) => [name, 'readonly']),
      ),
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': parts.map((type) => ({ type, pattern: `src/${type}` })),
      'import/resolver': { typescript: true },
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: parts.map((type) => ({
            from: { element: { type } },
            allow: (mayImport[type] ?? []).map((to) => ({ to: { element: { type: to } } })),
          })),
        },
      ],
    },
  },
  ...layerRules('src/core', coreLayers, 'A folder of the core imports only those below it.'),
  ...layerRules(
    'src/islands',
    islandLayers,
    'A folder of the interface imports only those below it.',
  ),
  {
    files: ['src/islands/stations/*/**/*.{ts,tsx}'],
    ignores: ['src/**/*.test.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex:
                '^(\\.\\./)+(workbench|revisions|ledge|stash|buying|team|base|layout|cut|sheet|stations)(/|$)',
              message: 'A station imports neither another nor the workbench.',
            },
          ],
        },
      ],
    },
  },
  {
    // The core knows no host: no DOM, no Node, no clock, no randomness that is not passed in.
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'localStorage',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex:
                '^(?!\\.{1,2}/|zod$|papaparse$|dxf-writer$|svgpath$|clipper2-ts$|flatbush$|culori/fn$|spectral\\.js$|fast-xml-parser$|fractional-indexing$|svg-path-bbox$|minisearch$|date-fns/|@date-fns/tz$)',
              message: 'The core imports zod and small computation libraries only.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['src/islands/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
);
