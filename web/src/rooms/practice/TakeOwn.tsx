import { TakeAwayDialog } from '../../parts/takeaway/TakeAwayDialog';

interface Props {
  token: string;
  assignment: number;
  onClose: () => void;
}

/** A student's own piece, or all of today's list, as a file: its notes and its sound. */
export function TakeOwn({ token, assignment, onClose }: Props) {
  return (
    <TakeAwayDialog
      things={[
        { label: 'this piece', subject: { token, assignment } },
        { label: 'all of today', subject: { token } },
      ]}
      formats={['musicxml', 'mxl', 'wav', 'midi']}
      onClose={onClose}
    />
  );
}
