import { expect, test } from 'vitest'
import { spokenExpression, spokenFormula } from './spoken'

test.each([
  ['2*(3+4)^2', '2 times open bracket 3 plus 4 close bracket to the power of 2'],
  ['1/2+1/3', '1 over 2 plus 1 over 3'],
  ['(2+3)/4', 'open bracket 2 plus 3 close bracket divided by 4'],
  ['-5²', 'minus 5 squared'],
  ['√9 - 3!', 'root of 9 minus 3 factorial'],
  ['20%*50', '20 percent times 50'],
  ['A1<=3', 'A1 is at most 3'],
  ['sum(B2:B$4)', 'sum open bracket B2 to B4 close bracket'],
  ['join("a-b", "/")', 'join open bracket "a-b", "/" close bracket'],
])('%s is said as "%s"', (text, said) => {
  expect(spokenExpression(text)).toBe(said)
})

test('the sign that makes an entry a formula is not said, one that compares is', () => {
  expect(spokenFormula('= 2=2')).toBe('2 is 2')
})
