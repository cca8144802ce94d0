import { useId, type InputHTMLAttributes, type ReactNode, type TextareaHTMLAttributes } from 'react';

interface FieldProps {
  label: string;
  /** What the value means, or where it comes from. */
  hint?: ReactNode;
  error?: string;
  className?: string;
  children: (id: string) => ReactNode;
}

/** A label over its control, with what is wrong beneath. */
export function Field({ label, hint, error, className = '', children }: FieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-xs text-soft">
        {label}
      </label>
      {children(id)}
      {hint && !error && <p className="text-xs text-soft">{hint}</p>}
      {error && (
        <p role="alert" className="text-xs text-no">
          {error}
        </p>
      )}
    </div>
  );
}

const box = 'min-h-8 w-full min-w-0 border border-line bg-paper px-2 py-1 tabular-nums';

export function TextInput({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) {
  return <input className={`${box} ${className}`} {...rest} />;
}

export function TextArea({ className = '', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return <textarea className={`${box} ${className}`} {...rest} />;
}
