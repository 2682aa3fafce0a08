import { Font, VexFlow } from 'vexflow/core';
import bold from './fonts/sign-words-bold.woff2';
import words from './fonts/sign-words.woff2';
import signs from './fonts/signs.woff2';

/*
 * The engraving library with the signs that are used and no others: its own entry carries two whole fonts as text.
 * fonts/README.md says how these were made.
 */
const SIGNS = 'Signs';
const WORDS = 'Sign Words';

VexFlow.setFonts(SIGNS, WORDS);

/** When the signs can be drawn: before that their widths would be those of another font. */
export const signsReady: Promise<unknown> = Promise.all([
  Font.load(SIGNS, signs, { display: 'block' }),
  Font.load(WORDS, words, { display: 'swap' }),
  Font.load(WORDS, bold, { display: 'swap', weight: 'bold' }),
]);

export * from 'vexflow/core';
