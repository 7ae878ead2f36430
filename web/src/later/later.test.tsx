import { act, cleanup, render, screen } from '@testing-library/react'
import { afterEach, expect, test } from 'vitest'
import { later, loadTheRest } from './later'

afterEach(cleanup)

const Part = ({ text }: { readonly text: string }) => <p>the part: {text}</p>
const Meanwhile = ({ text }: { readonly text: string }) => <p>meanwhile: {text}</p>

test('what is loaded later is drawn as soon as it is there, and at once from then on', async () => {
  let come: (part: typeof Part) => void = () => undefined
  let asked = 0
  const Later = later(() => {
    asked++
    return new Promise<typeof Part>((resolve) => (come = resolve))
  }, Meanwhile)
  const { unmount } = render(<Later text="leaf" />)
  expect(screen.getByText('meanwhile: leaf')).toBeTruthy()
  await act(async () => {
    come(Part)
    await Promise.resolve()
  })
  expect(screen.getByText('the part: leaf')).toBeTruthy()
  unmount()
  render(<Later text="lot" />)
  expect(screen.getByText('the part: lot')).toBeTruthy()
  expect(asked).toBe(1)
})

test('what cannot be loaded is told', async () => {
  const Later = later(() => Promise.reject<typeof Part>(new Error('gone')), Meanwhile)
  render(<Later text="leaf" />)
  await act(() => Promise.resolve())
  expect(screen.getByRole('alert').textContent).toContain('Reload the page.')
})

test('what is not large is loaded ahead, also after what cannot be', async () => {
  const asked: string[] = []
  const asks = (name: string, isLarge = false) =>
    later(
      () => {
        asked.push(name)
        return name === 'broken' ? Promise.reject<typeof Part>(new Error('gone')) : Promise.resolve(Part)
      },
      Meanwhile,
      { isLarge },
    )
  const First = asks('first')
  asks('broken')
  asks('large', true)
  asks('last')
  await loadTheRest()
  expect(asked).toEqual(['first', 'broken', 'last'])
  render(<First text="leaf" />)
  expect(screen.getByText('the part: leaf')).toBeTruthy()
})
