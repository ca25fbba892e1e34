import boundaries from 'eslint-plugin-boundaries';
import hooks from 'eslint-plugin-react-hooks';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

const TS = ['**/*.{ts,tsx}'];
const layer = (type) => ({ type, pattern: `${type}/**`, partialMatch: false });
const mayImport = (type, allowed) => ({
  from: { element: { type } },
  allow: { to: { element: { types: { anyOf: [type, ...allowed] } } } },
});

/** Folders of core that stand on top of the others: what they say of a whole plan nothing below may know. */
const ABOVE_PLAN = ['kit', 'plan', 'section', 'ledger', 'golden', 'testing'];

/** The server's features, from outside any of them. */
const INSIDE_OF_A_FEATURE = {
  regex: '(^|/)(\\.\\./|features/)(circuits|demo|jobs|joints|people|photos|print|search|session|shop|stages|system|units)/',
  message: 'a feature is used through its index.ts: what is not exported there is its own',
};

const TALKS_TO_POSTGRES = 'only platform/db and *.typeorm.ts talk to PostgreSQL: ask a repository of the ShopWork';
const BEHIND_AN_INTERFACE = { regex: '\\.typeorm$|/platform/db/(rows|shop)$', message: TALKS_TO_POSTGRES };

const PAPERS = 'a feature is built from the widgets of ui/ and drawing/, and of react-native-paper behind them';
const BARE_PARTS = {
  name: 'react-native',
  importNames: ['Pressable', 'TextInput', 'TouchableOpacity', 'TouchableHighlight', 'Button', 'Switch', 'Modal', 'ActivityIndicator'],
  message: PAPERS,
};
/** A style that is the same at every drawing stands in a sheet; what a state or a light changes may stand in line. */
const CONSTANT_IN_LINE = {
  selector:
    'JSXAttribute[name.name=/[sS]tyle$/] ObjectExpression:not(:has(Property:not([value.type=/^(Literal|UnaryExpression)$/]))):has(Property):not(:has(SpreadElement))',
  message: 'a style without anything that changes stands in ui/arrange.ts, or in a StyleSheet beside its component',
};
/** A feature gives others what its index.ts names; within its own folder it goes by the shortest way. */
const INSIDE_OF_A_CLIENT_FEATURE = {
  regex: '^@/features/[^/]+/',
  message: 'a feature is used through its index.ts: what two share lies in data/, or is a feature of its own',
};

/** The client's floors: each knows those before it, and no feature. */
const FLOORS = [
  'worker',
  'state',
  'ui',
  'drawing',
  'history',
  'chart',
  'cache',
  'signing',
  'api',
  'outbox',
  'session',
  'forms',
  'draft',
  'store',
  'data',
];
const KNOWS_NO_FEATURE = { regex: '^@/features/', message: 'what lies below knows no feature: hand it what it shows' };
const floor = (name, i) => {
  const above = FLOORS.slice(i + 1);
  const upwards = { regex: `^@/(${above.join('|')})/`, message: `${name}/ lies below these: hand it what it needs` };
  return {
    files: [`client/src/${name}/**`],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { patterns: above.length > 0 ? [KNOWS_NO_FEATURE, upwards] : [KNOWS_NO_FEATURE] }] },
  };
};

/** Which layer may know which; whatever is not named here is refused. */
const LAYERS = [
  mayImport('core', []),
  mayImport('contract', ['core']),
  mayImport('server', ['contract', 'core']),
  mayImport('client', ['contract', 'core']),
  mayImport('cli', ['contract', 'core']),
  // The machine that is only worked out knows nothing of the analysis: the one does not prove itself by the other.
  mayImport('instruments', []),
  mayImport('e2e', ['contract', 'core']),
  mayImport('bench', ['core', 'contract']),
];

const NO_PAGE_TAGS = { selector: 'JSXOpeningElement[name.type="JSXIdentifier"][name.name=/^[a-z]/]', message: PAPERS };
const WORDS_FILE = 'its words stand in words.ts of the feature';
/** What is shown or heard: what stands there in letters, at once or by a condition, is text. */
const SHOWN = '/^(label|text|title|says|hint|subtitle|none|another|aria-label|what|unset|skipSays|accessibilityLabel|action)$/';
const LETTERS = ['Literal[value=/[A-Za-z]{2}/]', 'TemplateLiteral:has(> TemplateElement[value.raw=/[A-Za-z]{2}/])'];
const TEXT_IN_MARKUP = [
  'JSXText[value=/[A-Za-z]{2}/]',
  ...LETTERS.flatMap((letters) =>
    ['', 'JSXExpressionContainer > ', 'JSXExpressionContainer > ConditionalExpression > '].map(
      (within) => `JSXAttribute[name.name=${SHOWN}] > ${within}${letters}`,
    ),
  ),
].map((selector) => ({ selector, message: WORDS_FILE }));

/** Pictures of features that are one long list of marks. */
const LONG_DRAWINGS = ['hold/watch/Band', 'planner/heat/TemperatureCurve', 'planner/heat/TemperatureLadder'].map(
  (name) => `client/src/features/${name}.tsx`,
);

export default tseslint.config(
  {
    ignores: [
      '**/dist*/**',
      '**/node_modules/**',
      'client/public/**',
      'var/**',
      'lint/fixtures/**',
      '**/*.cjs',
      'client/*.js',
      'bench/shell/*.js',
    ],
  },
  ...tseslint.configs.recommended,
  {
    files: TS,
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { boundaries },
    settings: {
      'import/resolver': {
        typescript: {
          noWarnOnMultipleProjects: true,
          project: ['core', 'contract', 'server', 'client', 'cli', 'instruments'].map((name) => `${name}/tsconfig.json`),
        },
      },
      'boundaries/elements': ['core', 'contract', 'server', 'client', 'cli', 'instruments', 'e2e', 'bench'].map(layer),
    },
    rules: {
      'boundaries/dependencies': ['error', { default: 'disallow', policies: LAYERS }],
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-explicit-any': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      // Express tells an error handler by its four parameters; a field reader takes field, value, range and unit.
      'max-params': ['error', 4],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    // Markup is long and flat: a component may take two screens of it, what it computes may not.
    files: ['**/*.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 120, skipBlankLines: true, skipComments: true }] },
  },
  {
    // A screen is a hook and a sheet: what is longer than this is two things.
    files: ['client/src/features/**/*.tsx'],
    ignores: LONG_DRAWINGS,
    rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**'], // A row of a test's table is as long as the table is wide.
    rules: { 'max-lines-per-function': 'off', 'max-params': 'off' },
  },
  { files: ['client/**/*.{ts,tsx}'], ignores: ['**/*.test.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  {
    files: ['server/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [INSIDE_OF_A_FEATURE],
        },
      ],
    },
  },
  {
    files: ['client/src/features/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: [INSIDE_OF_A_CLIENT_FEATURE], paths: [BARE_PARTS] }],
      'no-restricted-syntax': ['error', NO_PAGE_TAGS, CONSTANT_IN_LINE],
    },
  },
  {
    files: ['client/{app,src/{ui,drawing,chart,forms,data,api,draft,session}}/**/*.tsx'],
    rules: { 'no-restricted-syntax': ['error', CONSTANT_IN_LINE] },
  },
  {
    // Text stands in the feature's words.ts, so that a second language is a second file.
    files: ['client/src/features/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': ['error', NO_PAGE_TAGS, CONSTANT_IN_LINE, ...TEXT_IN_MARKUP],
    },
  },
  // A test may build on any screen; the workbench is where all of them are opened.
  {
    files: ['client/src/features/workbench/**', 'client/src/features/**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { paths: [BARE_PARTS] }] },
  },
  ...FLOORS.map(floor),
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.|canonicalize$|@noble/|@scure/base$|@scure/bip39/)',
              message: 'core computes alone: relative imports only, and the packages of the record',
            },
          ],
        },
      ],
      'no-restricted-properties': ['error', { object: 'Date', property: 'now' }, { object: 'Math', property: 'random' }],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'core has no clock' },
      ],
    },
  },
  {
    files: ['core/src/*/*.ts'],
    ignores: ['**/*.test.ts', ...ABOVE_PLAN.map((folder) => `core/src/${folder}/**`)],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.|canonicalize$|@noble/|@scure/base$|@scure/bip39/)',
              message: 'core computes alone: relative imports only, and the packages of the record',
            },
            { regex: '^\\.\\./(plan|section)/', message: 'plan stands on top of the fields: what both need lives in vocabulary or joint' },
          ],
        },
      ],
    },
  },
  {
    files: ['core/src/vocabulary/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^\\.\\./(?!unit/)', message: 'the vocabulary stands below everything but the units' }] },
      ],
    },
  },
  {
    files: ['server/src/**/*.ts'],
    ignores: [
      'server/src/platform/db/**',
      'server/src/migrations/**',
      'server/src/main.ts',
      'server/src/tools/**',
      '**/*.typeorm.ts',
      '**/*.test.ts',
      'server/src/testing/**',
    ],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [INSIDE_OF_A_FEATURE, BEHIND_AN_INTERFACE],
          paths: ['pg', 'typeorm'].map((name) => ({ name, message: TALKS_TO_POSTGRES })),
        },
      ],
    },
  },
  { files: ['**/*.mjs'], rules: { 'max-lines': ['error', 300] } },
  prettier,
);
