import { Spoken } from './Spoken';

/** How many more or fewer, with a sign and a tone; nothing where nothing changed. */
export function Delta({ change }: { change: bigint | number | string }) {
  const exact = BigInt(change);
  if (exact === 0n) {
    return null;
  }
  return (
    <strong className={`ml-1.5 ${exact > 0n ? 'text-works' : 'text-no'}`}>
      {exact > 0n ? '+' : '−'}
      <Spoken of={exact < 0n ? -exact : exact} />
    </strong>
  );
}
