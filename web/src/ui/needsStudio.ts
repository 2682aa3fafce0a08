/** Said where something is to reach somebody, and the studio cannot be reached. */
export const NEEDS_STUDIO = 'This needs the studio, which cannot be reached now.';
