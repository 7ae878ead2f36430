import { createContext } from 'react'
import type { Command } from './command'

/** The commands of the open worksheet. */
export const CommandsContext = createContext<readonly Command[]>([])
