/** What is left of a closed set when every member was met: nothing. A member that is added makes this fail to compile. */
export function never(left: never): never {
  throw new Error(`Nobody has met ${String(left)}.`);
}
