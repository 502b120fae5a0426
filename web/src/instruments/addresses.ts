/** Where instruments answer, as the operator of the server allows; one after the other in the page. */
export function instrumentAddresses(page: Document = document): string[] {
  const named = page.querySelector<HTMLMetaElement>('meta[name="instruments"]')?.content ?? ''
  return named.split(' ').filter((address) => address !== '')
}
