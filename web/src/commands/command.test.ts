import { expect, test } from 'vitest'
import { isPressed } from './command'

const press = (key: string, code: string, held: Partial<KeyboardEventInit> = {}) =>
  new KeyboardEvent('keydown', { key, code, ...held })

test.each([
  ['Alt Down', press('ArrowDown', 'ArrowDown', { altKey: true }), true],
  ['Alt Down', press('ArrowDown', 'ArrowDown'), false],
  ['Alt Shift Right', press('ArrowRight', 'ArrowRight', { altKey: true, shiftKey: true }), true],
  ['Alt Right', press('ArrowRight', 'ArrowRight', { altKey: true, shiftKey: true }), false],
  ['Alt N', press('ñ', 'KeyN', { altKey: true }), true], // Alt makes another sign of the letter on some keyboards
  ['Ctrl K', press('k', 'KeyK', { metaKey: true }), true],
  ['Ctrl K', press('k', 'KeyK', { ctrlKey: true, altKey: true }), false],
  ['F1', press('F1', 'F1'), true],
  ['Alt 4', press('$', 'Digit4', { altKey: true }), true],
] as const)('%s is told from other keys (%#)', (keys, event, expected) => {
  expect(isPressed(keys, event)).toBe(expected)
})
