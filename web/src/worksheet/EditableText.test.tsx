import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { App } from 'antd'
import { EditableText } from './EditableText'

afterEach(cleanup)

function opened(text: string) {
  const keep = vi.fn()
  render(
    <App>
      <EditableText text={text} label="grid title" onKeep={keep} />
    </App>,
  )
  fireEvent.click(screen.getByRole('button'))
  return { keep, field: screen.getByRole('textbox', { name: 'grid title' }) }
}

test('Enter keeps what was typed', () => {
  const { keep, field } = opened('Lots')
  fireEvent.change(field, { target: { value: ' Leaf lots ' } })
  fireEvent.keyDown(field, { key: 'Enter' })
  expect(keep).toHaveBeenCalledExactlyOnceWith('Leaf lots')
})

test('leaving the field keeps it too', () => {
  const { keep, field } = opened('Lots')
  fireEvent.change(field, { target: { value: 'Leaf lots' } })
  fireEvent.blur(field)
  expect(keep).toHaveBeenCalledExactlyOnceWith('Leaf lots')
})

test.each(['', '   ', 'Lots'])('%j changes nothing', (value) => {
  const { keep, field } = opened('Lots')
  fireEvent.change(field, { target: { value } })
  fireEvent.keyDown(field, { key: 'Enter' })
  expect(keep).not.toHaveBeenCalled()
})

test('Esc leaves the text as it was', () => {
  const { keep, field } = opened('Lots')
  fireEvent.change(field, { target: { value: 'Other' } })
  fireEvent.keyDown(field, { key: 'Escape' })
  expect(keep).not.toHaveBeenCalled()
  expect(screen.getByRole('button', { name: 'Lots' })).toBeTruthy()
})
