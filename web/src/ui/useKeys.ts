import { useHotkeys } from 'react-hotkeys-hook';

type Keys = Record<string, (() => void) | undefined>;

/** Controls that have a use of their own for a key; a shortcut must not take it from them. */
function ownsKey(target: EventTarget | null, key: string): boolean {
  const element = target as HTMLElement | null;
  // A grip is moved by the arrows; what moves it listens on the document as well, and later.
  if (element?.closest?.('[role="listbox"], [aria-roledescription]')) return true;
  const presses = key === ' ' || key === 'Enter';
  return presses && !!element?.closest?.('button, a, summary, [role="option"], [role="menuitem"]');
}

/**
 * Shortcuts while a component is shown. They never fire while typing, in a dialog, or with ctrl, alt or cmd; a key that is
 * held down counts again and again where repeats are wanted.
 */
export function useKeys(keys: Keys, active = true, repeats = true) {
  const ignored = (event: KeyboardEvent) =>
    (event.repeat && !repeats) ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    event.defaultPrevented ||
    ownsKey(event.target, event.key) ||
    document.querySelector('[role="dialog"]') !== null;
  // Which key was meant is read from what it wrote, so that a question mark is one on every keyboard.
  const act = (event: KeyboardEvent) => {
    const action = keys[event.key] ?? keys[event.key.toLowerCase()];
    if (!action) return;
    event.preventDefault();
    action();
  };
  useHotkeys('*', act, { enabled: active, ignoreEventWhen: ignored, useKey: true });
}
