import type { Development } from '../recipe/development';
import type { Reframe } from '../recipe/reframe';
import type { SeriesPlace } from '../series/series';
import { escapeXml, seriesAttributes } from './xmp';

/** What was decided of a frame, and no file of it says. */
export interface SidecarFacts {
  readonly choice: 'kept' | 'dropped' | null;
  readonly series: SeriesPlace | null;
  /** Name of the roll it lies in; '' when it is loose. */
  readonly roll: string;
  readonly reframe: Reframe | null;
  readonly development: Development | null;
}

/** xmp:Rating of what is kept, and of what is rejected (ISO 16684-1: -1). */
const RATING = { kept: 1, dropped: -1 } as const;

/** Recipes as JSON: how a frame is seen, and how its raw is developed. */
const RECIPE_NAMESPACE = 'urn:velmo:recipe:1';

/** An XMP sidecar (ISO 16684-1): what was decided of a frame, to be laid beside its file. */
export function sidecarXmp(facts: SidecarFacts): string {
  const { choice, series, roll, reframe, development } = facts;
  const recipes = { Reframe: reframe, Development: development };
  const lines = [
    ...(choice ? [`xmp:Rating="${RATING[choice]}"`] : []),
    ...Object.entries(recipes).flatMap(([name, recipe]) =>
      recipe ? [`recipe:${name}="${escapeXml(JSON.stringify(recipe))}"`] : [],
    ),
  ];
  const attributes = lines.map((line) => `\n    ${line}`).join('');
  const subject = roll
    ? `\n   <dc:subject><rdf:Bag><rdf:li>${escapeXml(roll)}</rdf:li></rdf:Bag></dc:subject>`
    : '';
  return `<x:xmpmeta xmlns:x="adobe:ns:meta/">
 <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
  <rdf:Description rdf:about=""
    xmlns:xmp="http://ns.adobe.com/xap/1.0/"
    xmlns:dc="http://purl.org/dc/elements/1.1/"
    xmlns:recipe="${RECIPE_NAMESPACE}"${attributes}${series ? seriesAttributes(series) : ''}>${subject}
  </rdf:Description>
 </rdf:RDF>
</x:xmpmeta>
`;
}
