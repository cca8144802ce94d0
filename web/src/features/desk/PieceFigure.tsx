import type { PieceView } from '../../api/client';
import { common } from '../../language/text';
import { bars } from './bars';
import { useChosen, useDesk } from './context';

/** What a piece makes possible, in words: its outfits, or the share of them it can complete. */
export function PieceFigure({ piece }: { piece: PieceView }) {
  const { live, pieces } = useDesk();
  const [chosen] = useChosen();
  const words = bars(live.counts, pieces, chosen.counting).figure(piece);
  return <>{words?.full ?? common.counts.pending}</>;
}
