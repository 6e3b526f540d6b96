import { useEffect, useRef } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [role="dialog"]') !== null;

/** Runs an action for a key, such as "j" or "?", unless somebody is typing. "g t" means g, then t. */
export function useShortcuts(keys: Keys) {
  const current = useRef(keys);
  const leader = useRef<number | null>(null);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      const key = e.key.length === 1 ? e.key.toLowerCase() : e.key;
      const follows = leader.current !== null && Date.now() - leader.current < 1500;
      leader.current = null;
      const action = current.current[follows ? `g ${key}` : key];
      if (key === 'g' && !follows) {
        leader.current = Date.now();
      } else if (action) {
        e.preventDefault();
        action(e);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** Every key there is, for the sheet that "?" opens. */
export const KEY_LIST: [string, [string, string][]][] = [
  [
    'Everywhere',
    [
      ['G T', 'tests'],
      ['G G', 'garage'],
      ['G R', 'procedures'],
      ['G P', 'plan'],
      ['G D', 'devices'],
      ['G U', 'the run card'],
      ['G Y', 'type or paste stops'],
      ['G I', 'bring in files'],
      ['G S', 'stops'],
      ['G F', 'fade'],
      ['G H', 'heat'],
      ['G B', 'balance'],
      ['G C', 'compare'],
      ['G L', 'trials'],
      ['M', 'metric or imperial'],
      ['N', 'day or night'],
      ['P', 'print'],
      ['?', 'these keys'],
    ],
  ],
  [
    'Run card',
    [
      ['Space', 'start, at rest, enter the readings'],
      ['Enter', 'go along with the rules'],
      ['L', 'lane clear, not clear'],
      ['M', 'the vehicle rolls, stands'],
      ['D', 'read the discs'],
      ['E', 'enter readings, or add them to a logged stop'],
      ['H', 'what happened'],
      ['K', 'looked at a disc for cracks'],
      ['X X', 'STOP TESTING'],
      ['Esc', 'close what is open'],
    ],
  ],
  [
    'Typing stops',
    [
      ['Enter', 'one row down'],
      ['Tab', 'one cell on'],
      ['↑ ↓ ← →', 'to the next cell'],
      ['Ctrl D', 'as in the cell above'],
      ['Ctrl Z', 'undo; with Shift, redo'],
    ],
  ],
  [
    'Reading stops',
    [
      ['J K', 'next, previous stop'],
      ['O', 'overlay this stop on the others'],
      ['T D', 'over time, over distance'],
      ['← →', 'move the cursor'],
      ['[ ]', 'onset by 0.01 s; with Shift the end'],
      ['Enter', 'keep the moved onset or end'],
      ['Esc', 'put it back'],
      ['X', 'strike out, or bring back'],
      ['V', 'show as table'],
    ],
  ],
  [
    'Comparing',
    [
      ['1 – 6', 'show or hide a configuration'],
      ['V', 'show as table'],
    ],
  ],
];
