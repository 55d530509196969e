import next from 'eslint-config-next/core-web-vitals'
import tseslint from 'typescript-eslint'

/** Every core and ui folder shows one face, its index.ts; the inside of a folder is its own. */
const insideOfCore =
  '^(@/core/[^/]+|(\\.\\./)+(quantity|designation|catalogue|identify|interchange|kit|section|grease))/.+'

export default tseslint.config(
  { ignores: ['.next/**', '.local/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**'] },
  ...next,
  ...tseslint.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-invalid-void-type': 'off',
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ regex: insideOfCore, message: "Import the folder's index, not its inside." }],
          paths: [{ name: 'next/link', message: 'Import Link from ui/Link: it fetches no page ahead.' }],
        },
      ],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['src/core/**'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'fetch', message: 'The core does no I/O.' },
        { name: 'window', message: 'The core has no interface.' },
        { name: 'process', message: 'The core has no environment.' },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core has no randomness.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'The core has no clock.' },
      ],
    },
  },
  {
    // Words that a screen shows stand in src/texts, a file a subject. The list of components shows its own, to developers.
    files: ['src/features/**/*.tsx', 'src/ui/**/*.tsx', 'src/app/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/features/components/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...[
          // Names of keys are no words.
          'JSXText[value=/^(?!\\s*Ctrl )[^]*[A-Za-z]{3}/]',
          'JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[a-z]{3}/]',
          'JSXElement > JSXExpressionContainer > :matches(Literal, TemplateLiteral)[value=/[a-z]{3}/]',
          'JSXAttribute[name.name=/^(label|title|aria-label|placeholder|alt)$/] > Literal[value=/[a-z]{3}/]',
        ].map((selector) => ({ selector, message: 'Words that a screen shows stand in src/texts.' })),
      ],
    },
  },
  { files: ['src/ui/Link.tsx'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['public/sw.js'],
    languageOptions: { globals: { self: 'readonly', caches: 'readonly' } },
  },
  { files: ['scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
)
