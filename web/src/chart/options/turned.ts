/** From where a surface is seen: angles in degrees. */
export interface Turned {
  readonly alpha: number
  readonly beta: number
  readonly distance: number
}
