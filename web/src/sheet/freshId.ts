/** An id that no block or section has yet. */
export const freshId = (kind: string): string => `${kind}-${crypto.randomUUID().slice(0, 8)}`
