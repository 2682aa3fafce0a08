import type { Words } from '../../notation/Engraving';

/** What stands under the notes of a paper. */
export type PaperWords = keyof Words | 'none';

/** What can be chosen to stand there. */
export const PAPER_WORDS: { id: Exclude<PaperWords, 'none'>; name: string }[] = [
  { id: 'hand', name: 'fingers' },
  { id: 'counts', name: 'counts' },
  { id: 'solfa', name: 'sol-fa' },
];
