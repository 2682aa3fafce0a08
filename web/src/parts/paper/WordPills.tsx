import { Pill } from '../../ui/Pill';
import { PAPER_WORDS, type PaperWords } from './words';

interface Props {
  words: PaperWords;
  onWords: (words: PaperWords) => void;
}

/** Chooses what stands under the notes; pressed again, nothing does. */
export function WordPills({ words, onWords }: Props) {
  return PAPER_WORDS.map((one) => (
    <Pill key={one.id} pressed={words === one.id} onPress={() => onWords(words === one.id ? 'none' : one.id)}>
      {one.name}
    </Pill>
  ));
}
