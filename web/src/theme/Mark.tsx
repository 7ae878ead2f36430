/** The mark of the program. */
export const Mark = ({ size = 26 }: { readonly size?: number }) => (
  <img src="/mark.svg" width={size} height={size} alt="" />
)
