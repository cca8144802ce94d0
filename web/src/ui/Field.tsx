import {
  createContext,
  useContext,
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type TextareaHTMLAttributes,
} from 'react';

interface FieldProps {
  label: string;
  /** What the value means, or where it comes from. */
  hint?: ReactNode;
  error?: string;
  className?: string;
  children: (id: string) => ReactNode;
}

/** The id of a field's error message, if there is one. */
const Wrong = createContext<string | undefined>(undefined);

/** A label over its control, with the error message beneath. */
export function Field({ label, hint, error, className = '', children }: FieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-xs text-soft">
        {label}
      </label>
      <Wrong value={error && `${id}error`}>{children(id)}</Wrong>
      {hint && !error && <p className="text-xs text-soft">{hint}</p>}
      {error && (
        <p id={`${id}error`} role="alert" className="text-xs text-no">
          {error}
        </p>
      )}
    </div>
  );
}

const box =
  'min-h-8 w-full min-w-0 border border-line bg-paper px-2 py-1 tabular-nums disabled:bg-rail/40 disabled:text-soft aria-invalid:border-no';

function useWrong() {
  const wrong = useContext(Wrong);
  return wrong ? { 'aria-invalid': true, 'aria-describedby': wrong } : {};
}

export function TextInput({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) {
  return <input {...useWrong()} className={`${box} ${className}`} {...rest} />;
}

export function TextArea({ className = '', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return <textarea {...useWrong()} className={`${box} ${className}`} {...rest} />;
}
