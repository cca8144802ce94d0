/** The mark of a verdict or finding. Each has its own shape, so that it does not rely on colour alone. */
export function Mark({ kind, size = 12 }: { kind: string; size?: number }) {
  const tone =
    kind === 'works' || kind === 'credit'
      ? 'text-works'
      : kind === 'daring' || kind === 'minor' || kind === 'major'
        ? 'text-daring'
        : kind === 'note'
          ? 'text-soft'
          : 'text-no';
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 12 12"
      className={`${tone} inline-block shrink-0`}
      aria-hidden="true"
    >
      {(kind === 'works' || kind === 'credit') && <circle cx="6" cy="6" r="5" fill="currentColor" />}
      {(kind === 'daring' || kind === 'minor' || kind === 'major') && (
        <>
          <circle cx="6" cy="6" r="4.6" fill="none" stroke="currentColor" strokeWidth="1.3" />
          <path d="M6 1.4a4.6 4.6 0 0 1 0 9.2Z" fill="currentColor" />
          {kind === 'major' && <circle cx="6" cy="6" r="2" fill="currentColor" />}
        </>
      )}
      {kind === 'note' && <path d="M2.5 6h7" stroke="currentColor" strokeWidth="1.6" />}
      {(kind === 'no' || kind === 'stop') && (
        <>
          <circle cx="6" cy="6" r="4.6" fill="none" stroke="currentColor" strokeWidth="1.3" />
          <path d="M3 9 9 3" stroke="currentColor" strokeWidth="1.3" />
        </>
      )}
    </svg>
  );
}
