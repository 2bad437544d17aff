import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Arrows of the front end: app → features → why → glossary, stills → words, viz, ui, api → lib. */
const forbid = (files, ...patterns) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: patterns.map((group) => ({
          group: [group],
          message:
            'against the arrows: app → features → why, outside → glossary, stills → words, viz, ui, api → lib',
        })),
      },
    ],
  },
});

export default tseslint.config(
  { ignores: ['target', 'node_modules', 'src/api/generated/schema.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  forbid(
    ['src/lib/**'],
    '**/words',
    '**/api/*',
    '**/ui/*',
    '**/viz/**',
    '**/why',
    '**/outside/*',
    '**/glossary',
    '**/stills',
    '**/features/**',
    '**/app/*',
  ),
  forbid(
    ['src/api/**'],
    '**/why',
    '**/outside/*',
    '**/glossary',
    '**/stills',
    '**/ui/*',
    '**/viz/**',
    '**/features/**',
    '**/app/*',
    'react',
  ),
  forbid(
    ['src/ui/**'],
    '**/why',
    '**/outside/*',
    '**/glossary',
    '**/stills',
    '**/words',
    '**/api/*',
    '**/viz/**',
    '**/features/**',
    '**/app/*',
  ),
  forbid(
    ['src/viz/**'],
    '**/why',
    '**/outside/*',
    '**/glossary',
    '**/stills',
    '**/words',
    '**/ui/*',
    '**/features/**',
    '**/app/*',
    'zustand',
    '**/api/client',
  ),
  forbid(
    ['src/words/**'],
    '**/why',
    '**/outside/*',
    '**/glossary',
    '**/stills',
    '**/viz/**',
    '**/features/**',
    '**/app/*',
  ),
  forbid(['src/glossary/**'], '**/why', '**/outside/*', '**/stills', '**/features/**', '**/app/*'),
  forbid(['src/stills/**'], '**/why', '**/outside/*', '**/glossary', '**/features/**', '**/app/*'),
  forbid(['src/features/book/**'], '**/app/*', '**/bench/*', '**/shelf/*'),
  forbid(['src/features/chair/**'], '**/app/*', '**/bench/*', '**/book/*', '**/shelf/*'),
  forbid(['src/features/bench/**'], '**/app/*', '**/book/*', '**/shelf/*'),
  forbid(['src/features/door/**'], '**/app/*', '**/bench/*', '**/book/*', '**/shelf/*'),
  forbid(['src/features/practice/**'], '**/app/*', '**/bench/*', '**/book/*', '**/shelf/*'),
  forbid(['src/features/shelf/**'], '**/app/*', '**/book/*', '**/bench/*'),
);
