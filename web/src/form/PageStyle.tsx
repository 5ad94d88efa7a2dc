/** Styles that are made here name the nonce of the page: no others are applied. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce;

/** How the page is printed. */
export function PageStyle({ size, margin }: { size: string; margin: string }) {
  return <style nonce={nonce}>{`@page { size: ${size}; margin: ${margin} }`}</style>;
}
