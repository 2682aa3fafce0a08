import { readFileSync } from 'node:fs';
import mantine from 'postcss-preset-mantine';
import variables from 'postcss-simple-vars';

/**
 * Where the pages change their shape. Media queries cannot read the properties of a page, so these are filled in here;
 * `upright` is a phone, or a tablet held upright, and `sideways` a phone on its side.
 */
const breakpoints = JSON.parse(readFileSync(new URL('breakpoints.json', import.meta.url), 'utf8'));

export default { plugins: [mantine(), variables({ variables: breakpoints })] };
