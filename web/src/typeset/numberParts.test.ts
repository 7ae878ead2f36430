import { describe, expect, it } from 'vitest'
import { numberParts } from './numberParts'

describe('what is shown of a number', () => {
  it.each([
    ['12.5', '12.5', null, '', ''],
    ['−3', '−3', null, '', ''],
    ['7/3', '', ['7', '3'], '', ''],
    ['−7/3', '−', ['7', '3'], '', ''],
    ['2 1/3', '2', ['1', '3'], '', ''],
    ['≈ 2 1/3', '≈ 2', ['1', '3'], '', ''],
    ['2.(3)', '2.', null, '3', ''],
    ['0,1(6)', '0,1', null, '6', ''],
    ['1.5e4', '1.5', null, '', '4'],
    ['1e-9', '1', null, '', '−9'],
    ['inf', 'inf', null, '', ''],
    ['3π/4', '3π/4', null, '', ''],
  ] as const)('%s is set by its parts', (shown, plain, fraction, repeating, exponent) => {
    expect(numberParts(shown)).toEqual({
      plain,
      fraction: fraction && { above: fraction[0], below: fraction[1] },
      repeating,
      exponent,
    })
  })
})
