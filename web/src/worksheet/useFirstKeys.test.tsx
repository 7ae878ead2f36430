import { EditorView } from '@codemirror/view'
import { cleanup, fireEvent, render } from '@testing-library/react'
import { useEffect, useRef } from 'react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Grid } from '../api/types'
import { SCRATCH_LINE } from './focusScratch'
import { useWorksheetStore } from './store'
import { useFirstKeys } from './useFirstKeys'

const grid: Pick<Grid, 'id'> = { id: 'grid-1' }

function Page({ grids }: { readonly grids: readonly Pick<Grid, 'id'>[] }) {
  useFirstKeys(grids)
  const host = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const parent = host.current
    if (!parent) return
    const attributes = EditorView.contentAttributes.of({ id: SCRATCH_LINE, 'aria-label': 'Scratch' })
    const editor = new EditorView({ parent, extensions: [attributes] })
    return () => editor.destroy()
  }, [])
  return (
    <>
      <div ref={host} />
      <input aria-label="another" />
    </>
  )
}

const open = (state: unknown, grids: readonly Pick<Grid, 'id'>[] = [grid]) =>
  render(
    <MemoryRouter initialEntries={[{ pathname: '/', state }]}>
      <Page grids={grids} />
    </MemoryRouter>,
  )

beforeEach(() => useWorksheetStore.getState().reset())
afterEach(cleanup)

describe('the first keys on a worksheet', () => {
  it('go to the first cell of a new one', () => {
    open({ isNew: true })
    const top = { column: 0, row: 0 }
    expect(useWorksheetStore.getState().selection).toEqual({ kind: 'cells', grid: 'grid-1', anchor: top, focus: top })
  })

  it.each([null, undefined, {}, { isNew: false }, { isNew: 'yes' }, 'new', 7])(
    'go to no cell of one that was opened (%s)',
    (state) => {
      open(state)
      expect(useWorksheetStore.getState().selection).toEqual({ kind: 'none' })
    },
  )

  it('go to no cell where there is no grid', () => {
    open({ isNew: true }, [])
    expect(useWorksheetStore.getState().selection).toEqual({ kind: 'none' })
  })

  it('go to the scratch line where nothing is selected', () => {
    const { getByLabelText } = open(null)
    fireEvent.keyDown(document.body, { key: '5' })
    expect(document.activeElement).toBe(getByLabelText('Scratch'))
  })

  it.each([
    { key: ' ' },
    { key: 'ArrowDown' },
    { key: 'PageDown' },
    { key: 'Tab' },
    { key: 'k', ctrlKey: true },
    { key: 's', altKey: true },
    { key: 'r', metaKey: true },
  ])('are left to the browser and to commands: %o', (key) => {
    open(null)
    fireEvent.keyDown(document.body, key)
    expect(document.activeElement).toBe(document.body)
  })

  it('stay where something is selected or written in', () => {
    const { getByLabelText } = open(null)
    const other = getByLabelText('another')
    other.focus()
    fireEvent.keyDown(other, { key: '5' })
    expect(document.activeElement).toBe(other)
    other.blur()
    useWorksheetStore.getState().select({ kind: 'chart', id: 'curve', series: 0 })
    fireEvent.keyDown(document.body, { key: '5' })
    expect(document.activeElement).toBe(document.body)
  })
})
