import { expect, test } from 'vitest'
import { withNextSigns } from './fixed'

function turned(text: string): string | null {
  const cursor = text.indexOf('|')
  const plain = text.replace('|', '')
  const change = withNextSigns(plain, cursor)
  return change && plain.slice(0, change.from) + change.insert + plain.slice(change.to)
}

test.each([
  ['=B2|', '=$B$2'],
  ['=$B$2|', '=B$2'],
  ['=B$2|', '=$B2'],
  ['=$B2|', '=B2'],
  ['=A1+|B2*3', '=A1+$B$2*3'],
  ['=sum(B2:B9|)', '=sum($B$2:$B$9)'],
  ['=sum(B|2:$B9)', '=sum($B$2:$B$9)'], // both corners get the same signs
  ['=Lots.B2|', '=Lots.$B$2'],
])('%s becomes %s', (text, expected) => {
  expect(turned(text)).toBe(expected)
})

test.each(['=5+|', '=log10|(2)', '=rate|*2', '=b2_price|'])('%s has no reference at the cursor', (text) => {
  expect(turned(text)).toBeNull()
})
