import { describe, expect, it } from 'vitest'
import { asDecimal, asTable, faultOf, type RateDraft } from './rates'

const dollar: RateDraft = { code: 'USD', name: 'US dollar', plural: 'US dollars', euros: '0.90', isNew: false }
const token: RateDraft = { code: 'XTS', name: 'token', plural: '', euros: '2', isNew: true }

describe('a rate that is being written', () => {
  it.each([
    ['0.9', '0.9'],
    [' 0,9 ', '0.9'],
    [',5', '.5'],
    ['1,234.5', '1,234.5'],
    ['1,2,3', '1,2,3'],
  ])('reads %s as %s', (text, number) => {
    expect(asDecimal(text)).toBe(number)
  })

  it.each(['0.9', '12', '.5', '0,92', '0.000001', '1000000'])('can be kept as %s', (euros) => {
    expect(faultOf({ ...dollar, euros }, [dollar])).toBeNull()
  })

  it.each(['', '0', '0.0', '-1', 'much', '1,234.5', '1e3', '2.', '½'])('is told apart from a rate: %s', (euros) => {
    expect(faultOf({ ...dollar, euros }, [dollar])).toBe('The rate of USD is a number above 0, such as 0.92.')
  })

  it('needs a code of its own and a name where it is new', () => {
    expect(faultOf(token, [dollar, token])).toBeNull()
    expect(faultOf({ ...token, code: 'xts' }, [token])).toContain('three capital letters')
    expect(faultOf({ ...token, code: 'USD' }, [dollar, { ...token, code: 'USD' }])).toBe('USD is there already.')
    expect(faultOf({ ...token, name: ' ' }, [token])).toBe('What is XTS called?')
  })

  it('is sent with its number as a decimal and one name for one and many', () => {
    expect(asTable([{ ...dollar, euros: '0,95' }, token])).toEqual([
      { code: 'USD', name: 'US dollar', plural: 'US dollars', euros: '0.95' },
      { code: 'XTS', name: 'token', plural: 'token', euros: '2' },
    ])
  })
})
