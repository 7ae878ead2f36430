import { later } from '../later/later'
import type { MathematicsProps } from './Mathematics'

const Plain = ({ spoken, className }: MathematicsProps) => <span className={className}>{spoken}</span>

/** Typeset mathematics; what sets it is loaded with the first of it, and the words stand there meanwhile. */
export const Typeset = later(() => import('./Mathematics').then((module) => module.Mathematics), Plain, {
  Otherwise: Plain,
})
