import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/** How long a page may take to have its heading. */
const PATIENCE_MS = 5000;

/**
 * After every change of page the focus is on its heading, so that whoever hears the page hears where she is; not if she has
 * gone on to something in it meanwhile, nor at the first page, where the browser begins at the top.
 */
export function useHeadingFocus(main: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    const page = main.current;
    if (!page || before.current === pathname) {
      return undefined;
    }
    before.current = pathname;
    const watch = new MutationObserver(look);
    const late = setTimeout(() => watch.disconnect(), PATIENCE_MS);
    watch.observe(page, { childList: true, subtree: true });
    look();
    return leave;

    function look() {
      const heading = page?.querySelector('h1');
      if (heading) {
        leave();
        if (!page?.contains(document.activeElement)) {
          heading.tabIndex = -1;
          heading.focus({ preventScroll: true });
        }
      }
    }

    function leave() {
      clearTimeout(late);
      watch.disconnect();
    }
  }, [pathname, main]);
}
