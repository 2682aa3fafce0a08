import { useEffect, useRef } from 'react';

type Keys = Record<string, (() => void) | undefined>;

function isTyping(target: EventTarget | null): boolean {
  const element = target as HTMLElement | null;
  return !!element?.closest?.('input, textarea, select, [contenteditable="true"], [role="listbox"]');
}

/** Controls that have a use of their own for a key; a shortcut must not take it from them. */
function ownsKey(target: EventTarget | null, key: string): boolean {
  const element = target as HTMLElement | null;
  const presses = key === ' ' || key === 'Enter';
  return presses && !!element?.closest?.('button, a, summary, [role="option"], [role="menuitem"]');
}

/**
 * Shortcuts while a component is shown. They never fire while typing, in a dialog, or with ctrl, alt or cmd; a key that is
 * held down counts again and again where repeats are wanted.
 */
export function useKeys(keys: Keys, active = true, repeats = true) {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat && !repeats) return;
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      if (isTyping(event.target) || ownsKey(event.target, event.key)) return;
      if (document.querySelector('[role="dialog"]')) return;
      const action = latest.current[event.key] ?? latest.current[event.key.toLowerCase()];
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active, repeats]);
}
