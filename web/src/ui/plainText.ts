/** A text that was read from a file, and how its bytes were taken where that had to be guessed. */
export interface PlainText {
  text: string;
  guessed?: 'Windows-1252';
}

/**
 * The text of a file: UTF-8 where its bytes can be that, UTF-16 where it says so by its mark, else Windows-1252, in which
 * older spreadsheets save. It never begins with a mark.
 */
export function plainText(bytes: ArrayBuffer): PlainText {
  const [first, second] = new Uint8Array(bytes);
  if (first === 0xff && second === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes) };
  if (first === 0xfe && second === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes) };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), guessed: 'Windows-1252' };
  }
}
