import { Fragment } from 'react';

/** The page's head stands in `public/index.html`; no screen adds to it. */
export const Head = { Provider: Fragment };
