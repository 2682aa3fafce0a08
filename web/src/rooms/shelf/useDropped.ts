import { useEffect, useState } from 'react';

/** A file dropped anywhere on the page, and whether one is held over it. */
export function useDropped(onFile: (file: File) => void): boolean {
  const [over, setOver] = useState(false);
  useEffect(() => {
    let within = 0;
    const files = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true;
    const enter = (event: DragEvent) => {
      if (!files(event)) return;
      within += 1;
      setOver(true);
    };
    const leave = (event: DragEvent) => {
      if (!files(event)) return;
      within = Math.max(0, within - 1);
      if (within === 0) setOver(false);
    };
    const hold = (event: DragEvent) => files(event) && event.preventDefault();
    const drop = (event: DragEvent) => {
      if (!files(event)) return;
      event.preventDefault();
      within = 0;
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (file) onFile(file);
    };
    window.addEventListener('dragenter', enter);
    window.addEventListener('dragleave', leave);
    window.addEventListener('dragover', hold);
    window.addEventListener('drop', drop);
    return () => {
      window.removeEventListener('dragenter', enter);
      window.removeEventListener('dragleave', leave);
      window.removeEventListener('dragover', hold);
      window.removeEventListener('drop', drop);
    };
  }, [onFile]);
  return over;
}
