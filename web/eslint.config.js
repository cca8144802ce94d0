import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const features = readdirSync('src/features').join('|');

export default ts.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    ignores: ['**/*.test.*'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'TSAsExpression > TSNeverKeyword',
          message: 'Say what it is: a cast to never hides a wrong type.',
        },
      ],
    },
  },
  {
    ignores: ['src/main.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `(^|/)(${features})/(?!pages$).`,
              message: 'Import from the index of the feature; the rest is its own affair.',
            },
            { regex: '/app(/|$)', message: 'The routes stand on top; nothing imports them.' },
          ],
        },
      ],
    },
  },
  {
    files: ['src/features/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `(^|/)(${features})/.`,
              message: 'Import from the index of the feature; the rest is its own affair.',
            },
            { regex: '/app(/|$)', message: 'The routes stand on top; nothing imports them.' },
          ],
        },
      ],
    },
  },
  {
    files: ['src/ui/**', 'src/api/**', 'src/language/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ regex: '(^|/)(features|app)(/|$)', message: 'Features and routes stand above this.' }],
        },
      ],
    },
  },
  {
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
);
