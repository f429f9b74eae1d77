import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import bareLookup from './scripts/lint/bare-lookup.js';
import documented from './scripts/lint/documented.js';
import order from './scripts/lint/order.js';

/** Which workspaces of ours each may import: the layers of docs/architecture.md. */
const layers = {
  core: [],
  embed: ['core'],
  server: ['core'],
  studio: ['core', 'embed'],
  demo: ['core'],
  e2e: [],
};
const all = Object.keys(layers);

/** The folders of core, each of which may import those before it: docs/architecture.md says what each holds. */
const wings = [
  'base',
  'invoice',
  'style',
  'behaviour',
  'form',
  'actions',
  'chat',
  'document',
  'compile',
  'review',
  'rehearse',
  'library',
];

const orderRules = ['core', 'embed', 'server', 'studio', 'demo'].map((workspace) => ({
  files: [`${workspace}/src/**/*.{ts,tsx}`],
  plugins: { order: { rules: { imports: order } } },
  rules: {
    'order/imports': ['error', { src: `${workspace}/src`, ...(workspace === 'core' && { wings }) }],
  },
}));

const layerRules = all.map((workspace) => {
  const forbidden = all.filter((other) => other !== workspace && !layers[workspace].includes(other));
  const patterns = forbidden.flatMap((other) => [
    `@sirene/${other}`,
    `@sirene/${other}/*`,
    `**/${other}/src/**`,
  ]);
  return {
    files: [`${workspace}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: patterns,
              message: `${workspace} may import ${layers[workspace].join(' and ') || 'nothing of ours'}.`,
            },
            ...(workspace === 'core'
              ? [
                  {
                    group: ['node:*', 'react', 'react-dom'],
                    message: 'core has no DOM, no Node API and no interface.',
                  },
                ]
              : []),
          ],
          paths:
            workspace === 'server'
              ? [
                  {
                    name: 'class-validator',
                    importNames: ['IsOptional'],
                    message: 'IsOptional lets null by: use MayBeLeftOut of shared/may-be-left-out.ts.',
                  },
                ]
              : [],
        },
      ],
    },
  };
});

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'data/**', '.sirene-test/**', '**/test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'no-console': 'off',
    },
  },
  {
    files: ['core/src/**/*.ts', 'embed/src/**/*.ts', 'server/src/**/*.ts', 'studio/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts', '**/src/testing/**', 'core/src/base/maps/**'],
    plugins: { sirene: { rules: { 'bare-lookup': bareLookup } } },
    rules: { 'sirene/bare-lookup': 'error' },
  },
  {
    files: ['core/src/**/*.ts', 'embed/src/**/*.ts', 'server/src/**/*.service.ts', 'studio/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/src/testing/**'],
    plugins: { documented: { rules: { functions: documented } } },
    rules: { 'documented/functions': 'error' },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/testing/**'],
    // Time and randomness come in as arguments.
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'setTimeout',
        'setInterval',
        'process',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
    },
  },
  { files: ['studio/**/*.{ts,tsx}'], ...reactHooks.configs.flat.recommended },
  // Nest and TypeORM read what a class imports at run time.
  { files: ['server/**/*.ts'], rules: { '@typescript-eslint/consistent-type-imports': 'off' } },
  {
    files: ['**/*.mjs', '**/*.js'],
    languageOptions: {
      globals: {
        Buffer: 'readonly',
        console: 'readonly',
        process: 'readonly',
        structuredClone: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
        setInterval: 'readonly',
        performance: 'readonly',
      },
    },
  },
  {
    files: ['scripts/**/*.test.mjs'],
    languageOptions: { globals: { test: 'readonly', expect: 'readonly', afterEach: 'readonly' } },
  },
  {
    // What these hand to the browser runs there.
    files: ['bench/**/*.mjs', 'e2e/attack/**/*.mjs'],
    languageOptions: {
      globals: {
        window: 'readonly',
        document: 'readonly',
        HTMLElement: 'readonly',
        MouseEvent: 'readonly',
        addEventListener: 'readonly',
        requestAnimationFrame: 'readonly',
        MutationObserver: 'readonly',
        PerformanceObserver: 'readonly',
        PopStateEvent: 'readonly',
        dispatchEvent: 'readonly',
        history: 'readonly',
        innerHeight: 'readonly',
        navigator: 'readonly',
        postMessage: 'readonly',
        queueMicrotask: 'readonly',
        scrollTo: 'readonly',
        Worker: 'readonly',
      },
    },
  },
  ...layerRules,
  ...orderRules,
);
