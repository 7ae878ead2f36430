/** What is shown, cut in front of its unit. */
export function cutUnit(display: string, unit: string | null): readonly [number: string, unit: string] {
  if (unit === null || unit === '' || !display.endsWith(unit)) return [display, '']
  const number = display.slice(0, -unit.length)
  return [number.trimEnd(), display.slice(number.trimEnd().length)]
}
