import { Progress as Radix } from 'radix-ui';

interface Props {
  label: string;
  /** 0..1; 0 where it is not known how far it has come. */
  value: number;
  className?: string;
}

/** How far something has come. */
export function Progress({ label, value, className = '' }: Props) {
  return (
    <Radix.Root
      aria-label={label}
      value={value || null}
      max={1}
      getValueLabel={(now) => `${Math.round(now * 100)} %`}
      className={`h-1.5 overflow-hidden bg-line ${className}`}
    >
      <Radix.Indicator
        className="h-full w-full origin-left bg-ink transition-transform data-[state=indeterminate]:animate-pulse data-[state=indeterminate]:opacity-40"
        style={value ? { transform: `scaleX(${value})` } : undefined}
      />
    </Radix.Root>
  );
}
