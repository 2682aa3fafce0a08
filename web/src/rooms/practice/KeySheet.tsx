import { Modal } from '@mantine/core';
import { KeyList, type KeyLine } from '../../ui/KeyList';

const KEYS: KeyLine[] = [
  [['space'], 'start and stop'],
  [['→', '↓', 'Page ↓'], 'forward, also by a pedal: start, clean, keep, next'],
  [['←', '↑', 'Page ↑'], 'back, also by a pedal: stop, slips, the one before'],
  [['1', '2', '3'], 'clean, slips, stopped'],
  [['T'], 'tap, where tapping is on'],
  [['S'], 'how it sounds'],
  [['N', 'P'], 'the next, the one before'],
  [['?'], 'this sheet'],
];

/** What keys and pedals do in the practice room. */
export function KeySheet({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Keys and pedal" centered>
      <KeyList lines={KEYS} />
    </Modal>
  );
}
