import type { FindingView } from '../../api/client';
import { common } from '../../language/text';
import { Explained } from '../../ui/Explained';
import { Mark } from '../../ui/Mark';

/** Findings, worst first, each with its cure. */
export function Reasons({ findings }: { findings: FindingView[] }) {
  if (findings.length === 0) {
    return <p className="text-soft">{common.sheet.nothing}</p>;
  }
  return (
    <ul className="flex flex-col gap-2" data-testid="reasons">
      {findings.map((finding, i) => (
        <li key={i} className="flex gap-2">
          <span className="pt-0.5">
            <Mark kind={finding.kind ?? ''} />
            <span className="sr-only">{finding.kind}:</span>
          </span>
          <span>
            {finding.text}{' '}
            {finding.exact && (
              <span className="text-xs text-soft">
                <Explained says={finding.exact}>{common.sheet.measured}</Explained>
              </span>
            )}
            {finding.kind !== 'credit' && finding.cure && (
              <span className="block font-medium text-chalk">{finding.cure}</span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
