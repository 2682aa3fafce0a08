import { describe, expect, it } from 'vitest';
import { plainText } from './plainText';

const bytes = (...values: number[]) => new Uint8Array(values).buffer;

describe('the text of a file', () => {
  it('is UTF-8 where it can be, with or without a mark', () => {
    expect(plainText(bytes(0xc3, 0x9c, 0x62))).toEqual({ text: 'Üb' });
    expect(plainText(bytes(0xef, 0xbb, 0xbf, 0x61))).toEqual({ text: 'a' });
    expect(plainText(bytes())).toEqual({ text: '' });
  });

  it('is UTF-16 where its mark says so', () => {
    expect(plainText(bytes(0xff, 0xfe, 0xdc, 0x00))).toEqual({ text: 'Ü' });
    expect(plainText(bytes(0xfe, 0xff, 0x00, 0xdc))).toEqual({ text: 'Ü' });
  });

  // The code page as the WHATWG Encoding Standard maps it (index windows-1252): 0xDC is U+00DC, 0xE9 is U+00E9.
  it('is Windows-1252 where it cannot be UTF-8, and says so', () => {
    expect(plainText(bytes(0xdc, 0x62, 0xe9))).toEqual({ text: 'Übé', guessed: 'Windows-1252' });
  });
});
