import { NavLink } from 'react-router';
import type { ClientView, PieceView } from '../../api/client';
import { say } from './messages';
import { steps, type Step } from './route';
import { text } from './text';

interface Known {
  client?: ClientView;
  pieces?: PieceView[];
  /** Number of groups of colours, as the palette shows them. */
  colours?: number;
  capsules: number;
  /** The live count in words. */
  total: string;
  rulings: number;
  changedRules: number;
}

/** One telling figure for each step: what is done, and what waits. */
export function stepFigures({
  client,
  pieces,
  colours,
  capsules,
  total,
  rulings,
  changedRules,
}: Known): Record<Step, string> {
  const undecided = pieces?.filter((piece) => piece.resolved.decision === 'undecided').length ?? 0;
  return {
    brief: say('occasions', { n: client?.occasions.length ?? 0 }),
    pieces: pieces ? say('pieces', { n: pieces.length, undecided }) : '…',
    palette: colours === undefined ? '…' : say('colours', { n: colours }),
    capsule: say('capsule', { n: capsules }),
    outfits: total,
    counts: total,
    rules: say('rules', { rulings, changed: changedRules }),
  };
}

interface Props {
  clientId: string;
  /** The query of the address, which has the context. */
  search: string;
  figures: Record<Step, string>;
}

/** The spine: the steps in the order of the work. */
export function Steps({ clientId, search, figures }: Props) {
  return (
    <nav aria-label="Steps" className="print:hidden relative border-r border-line bg-paper pt-3">
      <span
        aria-hidden="true"
        className="absolute top-4 bottom-4 left-[19px] border-l border-dashed border-soft"
      />
      {steps.map((step) => (
        <NavLink
          key={step}
          to={`/clients/${clientId}/${step}${search}`}
          className={({ isActive }) =>
            `relative flex gap-2.5 border-y py-2.5 pl-[13px] ${isActive ? 'border-line bg-sheet forced-colors:border-[Highlight]' : 'border-transparent'}`
          }
        >
          <span aria-hidden="true" className="mt-1 h-3 w-3 rotate-45 bg-soft" />
          <span>
            <span className="block font-serif text-[15px] leading-tight font-semibold">
              {text.steps[step]}
            </span>
            <span className="text-xs text-soft">{figures[step]}</span>
          </span>
        </NavLink>
      ))}
    </nav>
  );
}
