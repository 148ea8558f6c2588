import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

// Rules that compile each component take most of the time of all of them: ./test deep asks these too.
const all = hooks.configs.flat['recommended-latest'];
const plain = Object.entries(all.rules).filter(([name]) => /rules-of-hooks|exhaustive-deps/.test(name));
const ofHooks = process.env.ZR_DEEP ? all : { ...all, rules: Object.fromEntries(plain) };

export default ts.config(
  { ignores: ['src/client/api/schema.d.ts', 'src/Web/wwwroot', 'test-results'] },
  js.configs.recommended,
  ...ts.configs.strict,
  a11y.flatConfigs.strict,
  ofHooks,
  // Playwright's fixtures take a function that is called use.
  { files: ['tests/e2e/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
  {
    languageOptions: { globals: { ...globals.browser } },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      // Labels wrap their fields here, which the rule's default depth does not see.
      'jsx-a11y/label-has-associated-control': ['error', { depth: 3 }],
      'jsx-a11y/label-has-for': 'off',
      // Refs hold the newest closure for listeners that outlive a render.
      'react-hooks/refs': 'off',
      'react-hooks/set-state-in-effect': 'off',
      'react-hooks/immutability': 'off',
    },
  },
);
