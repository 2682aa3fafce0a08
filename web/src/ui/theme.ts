import { createTheme, type MantineColorsTuple } from '@mantine/core';

const river: MantineColorsTuple = [
  '#e9f3f4',
  '#d3e6e9',
  '#a9cfd6',
  '#7cb5c0',
  '#579dab',
  '#3e8797',
  '#2f6f7f',
  '#2b6271',
  '#234f5b',
  '#1a3c46',
];
const moss: MantineColorsTuple = [
  '#eff4ec',
  '#dde8d8',
  '#bdd1b3',
  '#9bb98d',
  '#7e9f70',
  '#688a5a',
  '#56754a',
  '#486240',
  '#3b5134',
  '#2d3f28',
];
const clay: MantineColorsTuple = [
  '#faeee8',
  '#f3dbcf',
  '#e6b9a4',
  '#d89678',
  '#c97a57',
  '#b5654a',
  '#a5543a',
  '#97482e',
  '#7c3a25',
  '#602c1b',
];

/** The materials of the product as a theme: river, moss and clay on paper. */
export const theme = createTheme({
  fontFamily: "'Figtree Variable', system-ui, sans-serif",
  headings: { fontFamily: "'Young Serif', Georgia, serif", fontWeight: '400' },
  colors: { river, moss, clay },
  primaryColor: 'river',
  primaryShade: 7,
  autoContrast: true,
  defaultRadius: 'md',
  cursorType: 'pointer',
  respectReducedMotion: true,
  // Named without importing them, so that a page that does not use them does not load them.
  components: {
    // A dialog that is closed is gone at once: what is pressed next is meant for the room.
    Modal: {
      defaultProps: { closeButtonProps: { 'aria-label': 'Close' }, transitionProps: { exitDuration: 0 } },
    },
    Notification: { defaultProps: { closeButtonProps: { 'aria-label': 'Close this note' } } },
  },
});
