/** Signs that screen readers leave out or say by another name, in words. Longer ones first. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/\$/g, ''],
  [/(?<=[A-Z]\d*):(?=[A-Z\d])/g, ' to '],
  [/<=/g, ' is at most '],
  [/>=/g, ' is at least '],
  [/<>/g, ' is not '],
  [/</g, ' is less than '],
  [/>/g, ' is more than '],
  [/=/g, ' is '],
  [/\b(\d+)\/(\d+)\b/g, ' $1 over $2 '],
  [/\//g, ' divided by '],
  [/[*·×]/g, ' times '],
  [/\^/g, ' to the power of '],
  [/²/g, ' squared '],
  [/³/g, ' cubed '],
  [/√/g, ' root of '],
  [/[-−]/g, ' minus '],
  [/\+/g, ' plus '],
  [/!/g, ' factorial '],
  [/%/g, ' percent '],
  [/&/g, ' joined with '],
  [/\(/g, ' open bracket '],
  [/\)/g, ' close bracket '],
]

/** A formula as it is said aloud, without the sign that makes an entry one. */
export const spokenFormula = (entry: string) => spokenExpression(entry.replace(/^\s*=/, ''))

/** An expression as it is said aloud: "2 times open bracket 3 plus 4 close bracket". What stands in quotes stays. */
export function spokenExpression(text: string): string {
  return text
    .split(/("[^"]*")/)
    .map((part, index) =>
      index % 2 === 1 ? part : WORDS.reduce((said, [sign, word]) => said.replace(sign, word), part),
    )
    .join('')
    .replace(/\s+/g, ' ')
    .trim()
}
