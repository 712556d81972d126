import type { SeriesPlace } from '../series/series';
import type { ShotMetadata } from './dng/description';
import { exifMoment } from './moment';

export const escapeXml = (text: string): string =>
  text.replace(/[<>&"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** What a series is told by: kind, place and number, and an id that its frames share. */
const SERIES_NAMESPACE = 'urn:velmo:series:1';

export const seriesAttributes = ({ id, kind, step, count }: SeriesPlace): string => `
    xmlns:series="${SERIES_NAMESPACE}"
    series:Id="${escapeXml(id)}"
    series:Kind="${kind}"
    series:Frame="${step + 1}"
    series:Frames="${count}"`;

/** The XMP packet (ISO 16684-1) of a shot: who made it, when, and from what kind of data. */
export function xmpPacket(shot: ShotMetadata): Uint8Array {
  const { iso8601 } = exifMoment(shot.capturedAt);
  const description = escapeXml(shot.description);
  return new TextEncoder().encode(
    `<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>
<x:xmpmeta xmlns:x="adobe:ns:meta/">
 <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
  <rdf:Description rdf:about=""
    xmlns:xmp="http://ns.adobe.com/xap/1.0/"
    xmlns:dc="http://purl.org/dc/elements/1.1/"
    xmp:CreatorTool="${escapeXml(shot.software)}"
    xmp:CreateDate="${iso8601}"
    xmp:ModifyDate="${iso8601}"${shot.series ? seriesAttributes(shot.series) : ''}>
   <dc:description><rdf:Alt><rdf:li xml:lang="x-default">${description}</rdf:li></rdf:Alt></dc:description>
  </rdf:Description>
 </rdf:RDF>
</x:xmpmeta>
<?xpacket end="w"?>`,
  );
}
