import { useLayoutEffect, type RefObject } from 'react';

/**
 * Says more of an element to those who listen: React Native's web target does not pass
 * `aria-description` on.
 */
export function useDescription(element: RefObject<unknown>, description: string | undefined): void {
  useLayoutEffect(() => {
    const target = element.current as HTMLElement | null;
    if (description) target?.setAttribute('aria-description', description);
    else target?.removeAttribute('aria-description');
  }, [element, description]);
}
