import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, test } from 'vitest'
import { Told } from './Told'

afterEach(cleanup)

test('one sentence is told, and the others when they are asked for', () => {
  render(<Told faults={['2 values of Heat have nothing across.', 'The curve jumps.', 'An axis has even steps.']} />)
  expect(screen.getByRole('status').textContent).toContain('2 values of Heat have nothing across.')
  expect(screen.queryByText('The curve jumps.')).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: 'and 2 more' }))
  expect(screen.getByText('The curve jumps.')).toBeDefined()
  expect(screen.getByText('An axis has even steps.')).toBeDefined()
  fireEvent.click(screen.getByRole('button', { name: 'less' }))
  expect(screen.queryByText('The curve jumps.')).toBeNull()
})

test('a short sentence stands alone, and nothing where there is nothing to tell', () => {
  render(<Told faults={['The curve jumps.']} />)
  expect(screen.queryByRole('button')).toBeNull()
  cleanup()
  render(<Told faults={[]} />)
  expect(screen.queryByRole('status')).toBeNull()
})
