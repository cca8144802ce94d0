import type { OutfitView, PieceView } from '../../api/client';
import { worn } from '../desk';

interface Props {
  title: string;
  /** What they are for. */
  context: string;
  outfits: OutfitView[];
  byId: Map<string, PieceView>;
}

/**
 * A drawing with names of its own for its patterns: the same drawing is on screen as well, and what is hidden there would be taken for
 * the patterns of both.
 */
function named(svg: string): string {
  return svg
    .replace(/\bid="/g, 'id="printed-')
    .replace(/url\(#/g, 'url(#printed-')
    .replace(/href="#/g, 'href="#printed-');
}

/** Outfits as a client gets them: the figure and what it wears, without figures, verdicts or anything of the studio's own. */
export function PrintedOutfits({ title, context, outfits, byId }: Props) {
  return (
    <article id="printed-outfits" className="hidden print:block" data-testid="printed-outfits">
      <h1>{title}</h1>
      <p>{context}</p>
      <ol>
        {outfits.map((outfit, i) => (
          <li key={i}>
            <div dangerouslySetInnerHTML={{ __html: named(outfit.figure ?? '') }} />
            <p>
              {worn(outfit).map(([, id]) => (
                <span key={id}>{byId.get(id)?.label ?? ''}</span>
              ))}
            </p>
          </li>
        ))}
      </ol>
    </article>
  );
}

/** The look of the page that is handed on; on paper it is the same. */
const style = `
  body { font: 15px/1.4 Georgia, serif; color: #17181a; margin: 24px; }
  h1 { font-size: 22px; margin: 0 0 4px; }
  ol { list-style: none; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(160px, 1fr)); gap: 20px; }
  li { break-inside: avoid; border-top: 1px solid #d2d2d2; padding-top: 10px; }
  li svg { height: 260px; width: auto; max-width: 100%; }
  li span { display: block; }
`;

/** Gives the printed outfits away as one file that needs nothing else to be seen. */
export function handOn(title: string) {
  const page = document.getElementById('printed-outfits');
  const inside = page?.innerHTML ?? '';
  const safe = new Option(title).innerHTML;
  const html = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${safe}</title><style>${style}</style></head><body>${inside}</body></html>`;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([html], { type: 'text/html' }));
  link.download = `${title}.html`;
  link.click();
  URL.revokeObjectURL(link.href);
}
