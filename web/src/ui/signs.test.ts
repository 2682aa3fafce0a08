import { expect, test } from 'vitest';
import { endsOf, nameOf, partsOf, rangeSigns, signs } from './signs';

test('ids of notes, pitches and degrees are read with the signs of the staff', () => {
  expect(['Db', 'B', 'Bbb4', 'F##', 'b3', '#4', 'bb7'].map(signs)).toEqual([
    'D♭',
    'B',
    'B♭♭4',
    'F♯♯',
    '♭3',
    '♯4',
    '♭♭7',
  ]);
});

test('a pitch has a name and an octave, also below zero', () => {
  expect(partsOf('Abb-1')).toEqual({ name: 'Abb', octave: -1 });
  expect(nameOf('C4')).toBe('C');
});

test('a range has its ends', () => {
  expect(endsOf('Bb3-A6')).toEqual(['Bb3', 'A6']);
  expect(rangeSigns('C-1-Bb3')).toBe('C-1 to B♭3');
});
