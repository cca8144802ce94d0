import type { ReactNode } from 'react';
import type { PieceView } from '../../api/client';
import { Drawing } from '../../ui/Drawing';
import { Finder } from '../../ui/Finder';
import { useDesk } from './context';
import { say } from './messages';

interface Props {
  label: string;
  className: string;
  /** The pieces to choose from; by default all of the client's. */
  pieces?: PieceView[];
  /** What opens it. */
  children: ReactNode;
  onPick: (piece: string) => void;
}

/** One of the client's pieces, found by its name. */
export function PieceFinder({ pieces, onPick, ...rest }: Props) {
  const desk = useDesk();
  const items = (pieces ?? desk.pieces).map(({ id, label, flat }) => ({ id, name: label, flat }));
  return (
    <Finder
      {...rest}
      items={items}
      placeholder={say('findPiece')}
      none={say('noPiece')}
      before={({ flat }) => <Drawing src={flat} name="" className="h-7 w-6 shrink-0" />}
      onPick={({ id }) => onPick(id)}
    />
  );
}
