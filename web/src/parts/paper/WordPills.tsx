import { Pill } from '../../ui/Pill';
import { PAPER_WORDS, type PaperWords } from './words';

interface Props {
  words: PaperWords;
  /** Whether it is known of anybody how they finger their notes; taken for known where that is not said. */
  fingered?: boolean;
  onWords: (words: PaperWords) => void;
}

/** Chooses what stands under the notes; pressed again, nothing does. */
export function WordPills({ words, fingered = true, onWords }: Props) {
  return PAPER_WORDS.filter((one) => fingered || one.id !== 'hand').map((one) => (
    <Pill key={one.id} pressed={words === one.id} onPress={() => onWords(words === one.id ? 'none' : one.id)}>
      {one.name}
    </Pill>
  ));
}
