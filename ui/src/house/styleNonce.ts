/**
 * The component library writes its styles into <style> elements at run time and passes no nonce to
 * them. The content policy lets in only those that carry the page's own, so every <style> made by
 * script gets it here.
 */
export function giveStylesTheirNonce() {
  const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce
  if (!nonce) return
  const create = document.createElement.bind(document) as typeof document.createElement
  document.createElement = ((tag: string, options?: ElementCreationOptions) => {
    const element = create(tag, options)
    if (tag === 'style') (element as HTMLStyleElement).nonce = nonce
    return element
  }) as typeof document.createElement
}
