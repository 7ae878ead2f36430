import { cleanup, render } from '@testing-library/react'
import { afterEach, expect, test } from 'vitest'
import { NoteText } from './NoteText'

afterEach(cleanup)

const shown = (text: string) => render(<NoteText text={text} />).container

test('marks become formatting', () => {
  const note = shown('Some **bold** and *slanted* words\n\n- one\n- two')
  expect(note.querySelector('strong')?.textContent).toBe('bold')
  expect(note.querySelector('em')?.textContent).toBe('slanted')
  expect(note.querySelectorAll('li')).toHaveLength(2)
})

test('a formula between dollar signs is typeset', () => {
  expect(shown('It cools by $e^{-kt}$ here').querySelector('.katex')?.textContent).toContain('e')
})

test.each(['It costs $5 or $6 a tin', 'A tin is $ 5 $', 'Only one $ here'])('%s holds no formula', (text) => {
  const note = shown(text)
  expect(note.querySelector('.katex')).toBeNull()
  expect(note.textContent?.trim()).toBe(text)
})

test('tags of a text are shown and never run', () => {
  const note = shown('<img src=x onerror=alert(1)> [link](javascript:alert(1))')
  expect(note.querySelector('img')).toBeNull()
  expect(note.querySelector('a')).toBeNull()
})
