// @vitest-environment happy-dom
import { cleanup, fireEvent, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

const CODES: Record<string, string> = { ' ': 'Space', '?': 'Slash', l: 'KeyL', L: 'KeyL', Enter: 'Enter' };

function press(key: string, on: Element = document.body, more: KeyboardEventInit = {}) {
  fireEvent.keyDown(on, { key, code: CODES[key] ?? key, bubbles: true, ...more });
  fireEvent.keyUp(on, { key, code: CODES[key] ?? key, bubbles: true });
}

function put(html: string): Element {
  document.body.innerHTML = html;
  return document.body.firstElementChild!;
}

describe('a shortcut', () => {
  beforeEach(() => void (document.body.innerHTML = ''));
  afterEach(cleanup);

  it('is what the key has written, in small letters or large', () => {
    const land = vi.fn();
    const sheet = vi.fn();
    renderHook(() => useKeys({ l: land, '?': sheet }));
    press('l');
    press('L');
    press('?', document.body, { shiftKey: true });
    press('x');
    expect(land).toHaveBeenCalledTimes(2);
    expect(sheet).toHaveBeenCalledTimes(1);
  });

  it('is not one while somebody types, in a dialog, or with another key held', () => {
    const land = vi.fn();
    renderHook(() => useKeys({ l: land }));
    press('l', put('<input />'));
    press('l', put('<textarea></textarea>'));
    press('l', put('<div role="listbox"></div>'));
    press('l', document.body, { ctrlKey: true });
    press('l', document.body, { metaKey: true });
    press('l', document.body, { altKey: true });
    put('<div role="dialog"></div>');
    press('l');
    expect(land).not.toHaveBeenCalled();
  });

  it('leaves a button the keys that press it, and no others', () => {
    const play = vi.fn();
    const land = vi.fn();
    renderHook(() => useKeys({ ' ': play, l: land }));
    const button = put('<button>Save</button>');
    press(' ', button);
    press('l', button);
    expect(play).not.toHaveBeenCalled();
    expect(land).toHaveBeenCalledTimes(1);
  });

  it('leaves a grip all its keys: the arrows move what it holds', () => {
    const tempo = vi.fn();
    renderHook(() => useKeys({ ArrowUp: tempo }));
    press('ArrowUp', put('<button aria-roledescription="sortable">Move</button>'));
    expect(tempo).not.toHaveBeenCalled();
  });

  it('counts a held key again and again only where that is wanted', () => {
    const nudge = vi.fn();
    const once = vi.fn();
    renderHook(() => useKeys({ ArrowLeft: nudge }));
    renderHook(() => useKeys({ ArrowRight: once }, true, false));
    for (const key of ['ArrowLeft', 'ArrowRight']) {
      press(key);
      press(key, document.body, { repeat: true });
    }
    expect(nudge).toHaveBeenCalledTimes(2);
    expect(once).toHaveBeenCalledTimes(1);
  });

  it('is none where it is switched off, or gone', () => {
    const land = vi.fn();
    const { rerender, unmount } = renderHook(({ on }) => useKeys({ l: land }, on), {
      initialProps: { on: false },
    });
    press('l');
    expect(land).not.toHaveBeenCalled();
    rerender({ on: true });
    press('l');
    unmount();
    press('l');
    expect(land).toHaveBeenCalledTimes(1);
  });
});
