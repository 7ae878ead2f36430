import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { Contained } from './Contained'

const Torn = ({ torn }: { readonly torn: boolean }) => {
  if (torn) throw new Error('torn')
  return <p>drawn</p>
}

const page = (torn: boolean, shown: number) => (
  <>
    <p>the rest</p>
    <Contained what="The chart Steeping" shown={shown}>
      <Torn torn={torn} />
    </Contained>
  </>
)

afterEach(cleanup)

test('a block that cannot be drawn leaves the rest of the page, and is drawn when it can be', () => {
  vi.spyOn(console, 'error').mockImplementation(() => undefined) // React tells the fault there too
  const { rerender } = render(page(true, 1))
  expect(screen.getByText('the rest')).toBeDefined()
  expect(screen.getByRole('alert').textContent).toContain('The chart Steeping could not be drawn.')

  rerender(page(false, 1))
  expect(screen.queryByText('drawn')).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: 'Draw it again' }))
  expect(screen.getByText('drawn')).toBeDefined()

  rerender(page(true, 2))
  expect(screen.getByRole('alert')).toBeDefined()
  rerender(page(false, 3))
  expect(screen.getByText('drawn')).toBeDefined()
})
