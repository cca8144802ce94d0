import type { ReactNode } from 'react';
import { Finder } from '../../ui/Finder';
import { say } from './messages';
import { useVocabulary } from '../desk';

interface Props {
  label: string;
  className: string;
  /** What opens it. */
  children: ReactNode;
  onPick: (kind: { id: string; name: string }) => void;
}

/** One of all the kinds, found by its name. */
export function KindPicker(props: Props) {
  const kinds = useVocabulary().data?.kinds ?? [];
  return <Finder {...props} items={kinds} placeholder={say('findKind')} none={say('noKind')} />;
}
