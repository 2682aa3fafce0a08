import { useEffect, useState } from 'react';
import { toString } from 'qrcode';
import classes from './Paper.module.css';

/** An address to point a phone at. */
export function LinkCode({ address }: { address: string }) {
  const [drawn, setDrawn] = useState('');
  useEffect(() => {
    let left = false;
    void toString(address, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }).then(
      (svg) => !left && setDrawn(svg),
    );
    return () => {
      left = true;
    };
  }, [address]);
  return (
    <span
      className={classes.code}
      role="img"
      aria-label="The practice link, for a phone"
      // Drawn by the library from an address of our own.
      dangerouslySetInnerHTML={{ __html: drawn }}
    />
  );
}
