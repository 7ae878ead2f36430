/** A cell far out, so that the scratch line depends on no cell of its own. */
export const NOWHERE = 'ZZZ1000000'
