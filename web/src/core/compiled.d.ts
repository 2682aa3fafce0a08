/** The core as JavaScript, as the build makes it. */
declare module '@core/core.js' {
  export function ask(what: string, asked: string): string;
}
