import type { Verdict } from '../../api/types';
import type { StoneTone } from '../../ui/Stone';

/** The tone of a verdict's stone. */
export const TONES: Record<Verdict, StoneTone> = {
  new: 'hollow',
  hold: 'river',
  ready: 'moss',
  reached: 'moss',
  waits: 'moss',
  misses: 'clay',
  back: 'clay',
  pick: 'moss',
  misfit: 'clay',
  stuck: 'clay',
  slipping: 'clay',
  quiet: 'sand',
  behind: 'clay',
  'on-course': 'river',
};

/** The word beside the stone, so that nothing is said by colour alone. */
export const WORDS: Record<Verdict, string> = {
  new: 'new',
  hold: 'in work',
  ready: 'ready',
  reached: 'learned',
  misfit: 'does not fit',
  stuck: 'stuck',
  slipping: 'slipping',
  quiet: 'quiet',
  behind: 'behind',
  'on-course': 'on course',
  waits: 'enough today',
  misses: 'slips',
  back: 'one back',
  pick: 'you pick',
};
