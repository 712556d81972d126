import type { Note } from '@velmo/core/notes';

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => `&#${String(c.charCodeAt(0))};`);

/** Notes as a page of paper: words, and what their figures say as they stand first. */
export function notesPage(notes: readonly Note[]): string {
  const parts = notes.map(({ title, text, figure, source }) => {
    const { says } = figure.read(...figure.scales.map(({ start }) => start));
    const words = [...text, says].map((paragraph) => `<p>${escaped(paragraph)}</p>`).join('');
    return `<section><h2>${escaped(title)}</h2>${words}<p><small>${escaped(source)}</small></p></section>`;
  });
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Velmo: notes</title></head><body>${parts.join('')}</body></html>`;
}

/** Prints notes, on white paper whatever the screen looks like. */
export function printNotes(notes: readonly Note[]): void {
  const frame = document.createElement('iframe');
  // Out of sight, yet laid out: some engines print nothing of what is not.
  Object.assign(frame.style, { position: 'fixed', width: '0', height: '0', border: '0' });
  frame.ariaHidden = 'true';
  frame.tabIndex = -1;
  frame.srcdoc = notesPage(notes);
  frame.onload = () => {
    const page = frame.contentWindow;
    if (!page) return;
    page.onafterprint = () => frame.remove();
    page.print();
  };
  document.body.append(frame);
}
