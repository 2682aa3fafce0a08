import mantine from 'postcss-preset-mantine';
import variables from 'postcss-simple-vars';

/** Where the pages change their shape. Media queries cannot read the properties of a page, so these are filled in here. */
const breakpoints = {
  wide: '1100px',
  narrow: '900px',
  phone: '760px',
  slim: '640px',
  small: '560px',
  low: '740px',
  lower: '600px',
  /** A phone, or a tablet held upright. */
  upright: '(max-width: 760px), (orientation: portrait) and (max-width: 1100px)',
  /** A phone on its side. */
  sideways: '(min-width: 561px) and (max-height: 520px)',
};

export default { plugins: [mantine(), variables({ variables: breakpoints })] };
