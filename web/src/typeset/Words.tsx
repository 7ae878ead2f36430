/** A sentence of the server; what it quotes between backticks is set like an entry. */
export function Words({ text }: { readonly text: string }) {
  return text.split('`').map((part, index) => (index % 2 === 1 ? <code key={index}>{part}</code> : part))
}
