/** Sizes, radii and breakpoints are tokens: of `global.css`, and of `postcss.config.js`. */
export default {
  rules: {
    'declaration-property-value-disallowed-list': [
      { 'font-size': ['/^[\\d.]+px/'], 'border-radius': ['/^[\\d.]+px( [\\d.]+px)*$/'] },
      { message: (property) => `Take a token of global.css for ${property}.` },
    ],
    'media-feature-name-value-allowed-list': [
      { 'max-width': ['/^\\$/'], 'min-width': ['/^\\$/'], 'max-height': ['/^\\$/'] },
      { message: 'Take a breakpoint of postcss.config.js.' },
    ],
    'block-no-empty': true,
    'color-no-invalid-hex': true,
    'property-no-unknown': true,
    'declaration-block-no-duplicate-properties': true,
  },
};
