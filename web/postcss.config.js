import mantine from 'postcss-preset-mantine';

export default { plugins: [mantine()] };
