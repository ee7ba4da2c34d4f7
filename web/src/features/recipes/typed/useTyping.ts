import type { Line } from '@zymostat/core';
import { useRef, type ClipboardEvent, type KeyboardEvent } from 'react';

type Key = KeyboardEvent<HTMLInputElement>;

/**
 * Typing a recipe, a line a row: Enter makes a row, Backspace takes an empty one out, the arrow
 * keys walk, and what is pasted makes as many rows as it has lines. There is always a free row.
 */
export const useTyping = (rows: string[], onChange: (rows: string[]) => void) => {
  const list = useRef<HTMLOListElement>(null);
  const focus = (row: number) =>
    requestAnimationFrame(() => list.current?.querySelectorAll('input')[row]?.focus());
  const shown = rows.at(-1) === '' ? rows : [...rows, ''];
  const last = shown.length - 1;
  const put = (row: number, text: string) =>
    onChange(shown.map((one, i) => (i === row ? text : one)));
  /** Puts other words in the place of a piece of a row. */
  const take = ({ row, column, text }: Line, instead: string) => {
    const typed = shown[row]!;
    put(row, `${typed.slice(0, column)}${instead}${typed.slice(column + text.length)}`);
    focus(row);
  };
  const paste = (row: number, event: ClipboardEvent<HTMLInputElement>) => {
    const text = event.clipboardData.getData('text');
    if (!/[\r\n]/.test(text)) return;
    event.preventDefault();
    const pasted = text.split(/\r\n|\r|\n/).filter((one) => one.trim() !== '');
    const before = shown[row]!.trim() ? [shown[row]!] : [];
    onChange([...shown.slice(0, row), ...before, ...pasted, ...shown.slice(row + 1)]);
    focus(row + pasted.length);
  };
  const newRow = (row: number, event: Key) => {
    event.preventDefault();
    if (row < last) onChange([...shown.slice(0, row + 1), '', ...shown.slice(row + 1)]);
    focus(row + 1);
  };
  const takeOut = (row: number, event: Key) => {
    if (shown[row] !== '' || row === 0 || row === last) return;
    event.preventDefault();
    onChange(shown.filter((_, i) => i !== row));
    focus(row - 1);
  };
  const press = (row: number, event: Key) => {
    if (event.key === 'Enter') newRow(row, event);
    else if (event.key === 'Backspace') takeOut(row, event);
    else if (event.key === 'ArrowDown') focus(row + 1);
    else if (event.key === 'ArrowUp') focus(row - 1);
  };
  return { list, shown, put, take, paste, press };
};
