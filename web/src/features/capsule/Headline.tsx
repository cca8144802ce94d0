import { common } from '../../language/text';
import { Spoken } from '../../ui/Spoken';
import { useChosen } from '../desk';
import { say } from './messages';
import type { Plan } from './queries';

/** The ladder, smallest first. */
export const steps = ['bases', 'clothes', 'outfits', 'looks'] as const;

/** What is counted on every screen, or outfits where the stylist counts places of her own. */
export function useStep(): (typeof steps)[number] {
  const [{ counting }] = useChosen();
  return steps.find((step) => step === counting) ?? 'outfits';
}

/** How many there are of what is counted on every screen. */
export function Headline({
  ladder,
  pieces,
  className,
}: {
  ladder: Plan['figures']['ladder'];
  pieces: number;
  className: string;
}) {
  const step = useStep();
  return (
    <>
      <strong className={`font-serif ${className}`}>
        <Spoken of={ladder[step]} />
      </strong>{' '}
      <span className="text-soft">{say('outfits', { what: common.context.presets[step]!, pieces })}</span>
    </>
  );
}
