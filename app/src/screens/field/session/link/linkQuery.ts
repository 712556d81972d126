import type { LinkQuery } from '@velmo/core/settings';

/** What a link asks for, by names of its own; of a name given more than once, the last. */
export function linkQuery(given: Readonly<Record<string, unknown>>): LinkQuery {
  const query = Object.create(null) as Record<string, string>;
  for (const [name, value] of Object.entries(given)) {
    const last: unknown = Array.isArray(value) ? value.at(-1) : value;
    if (typeof last === 'string') query[name] = last;
  }
  return query;
}
