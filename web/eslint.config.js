import js from '@eslint/js';
import importX from 'eslint-plugin-import-x';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import hooks from 'eslint-plugin-react-hooks';
import { readdirSync } from 'node:fs';
import tseslint from 'typescript-eslint';

const rooms = readdirSync(new URL('src/rooms', import.meta.url));

/** The rooms know what they share, and nothing of each other; what is shared knows no room. */
const BOUNDARIES = [
  ...rooms.map((room) => ({
    target: `./src/rooms/${room}`,
    from: './src/rooms',
    except: [`./${room}`],
    message:
      'A room knows no other room: put what both need into src/parts, src/ui, src/api, src/notation or src/sound.',
  })),
  ...['parts', 'ui', 'api', 'keep', 'notation', 'sound'].map((shared) => ({
    target: `./src/${shared}`,
    from: './src/rooms',
    message: 'What is shared knows no room.',
  })),
  {
    target: './src/core',
    from: ['./src/ui', './src/parts', './src/notation', './src/sound', './src/rooms'],
    message: 'How the core is asked knows nothing of how its answers are shown.',
  },
  ...['parts', 'ui', 'keep', 'notation', 'sound'].map((above) => ({
    target: './src/api',
    from: `./src/${above}`,
    message: 'What is asked of the studio knows nothing of how it is shown.',
  })),
  {
    target: './src/keep',
    from: ['./src/ui', './src/parts', './src/notation', './src/sound'],
    message: 'What is kept on the device knows nothing of how it is shown.',
  },
  {
    target: './src/sound',
    from: ['./src/notation', './src/ui', './src/parts'],
    message: 'Sound is heard, not seen.',
  },
];

/** What a rule would reckon with: positions, degrees, ranges, tempos. The page draws and plays; the core reckons. */
const RECKONED =
  '/^(bpm|octaves|span|degree|degrees|place|strikes|cell|targets|figure|beat|countInBars|rungsADay)$/';
/** Arithmetic and comparison by size with any of them. */
const NO_RULES = [
  `BinaryExpression[operator=/^([-+*/%]|[<>]=?)$/] > MemberExpression[property.name=${RECKONED}]`,
  `BinaryExpression[operator=/^([-+*/%]|[<>]=?)$/] > Identifier[name=${RECKONED}]`,
].map((selector) => ({ selector, message: 'A rule of music: ask the core.' }));

export default tseslint.config(
  { ignores: ['dist', 'src/api/schema.gen.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  hooks.configs.flat['recommended-latest'],
  {
    plugins: { 'import-x': importX },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver()] },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: BOUNDARIES }],
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
      // A recurring click is scheduled on the audio clock, never on a timer of the page.
      'no-restricted-globals': ['error', { name: 'setInterval', message: 'Schedule on the audio clock.' }],
    },
  },
  {
    // What draws reckons with the places of notes on paper and pebbles on the screen.
    files: ['src/**'],
    ignores: ['src/notation/**', 'src/ui/Pulse*', 'src/**/*.test.*'],
    rules: { 'no-restricted-syntax': ['error', ...NO_RULES] },
  },
);
