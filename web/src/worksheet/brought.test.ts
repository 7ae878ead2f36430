import { describe, expect, it } from 'vitest'
import { isWorthTelling, toTell } from './brought'
import type { Brought } from './store'

const compared = { formulas: 0, agree: 0, changing: 0, differ: [], differing: 0, kept: [], keeping: 0 }
const nothing: Brought = { name: 'lots.xlsx', told: [], compared: null }

describe('what is told of a document', () => {
  it.each<[string, Brought, boolean]>([
    ['nothing of one that is as it was', nothing, false],
    ['nothing of one without formulas', { ...nothing, compared }, false],
    ['how its formulas compare', { ...nothing, compared: { ...compared, formulas: 3, agree: 3 } }, true],
    ['what is not as it was', { ...nothing, told: ['Left out: macros.'] }, true],
  ])('is %s', (_, brought, isTold) => {
    expect(isWorthTelling(brought)).toBe(isTold)
    expect(toTell(brought)).toEqual(isTold ? { brought } : null)
  })
})
