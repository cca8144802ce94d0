import type { ButtonHTMLAttributes } from 'react';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: 'ink' | 'link' | 'plain';
}

const looks = {
  ink: 'bg-ink px-3 py-1.5 font-medium text-sheet disabled:bg-soft',
  link: 'font-medium text-chalk underline-offset-2 hover:underline disabled:text-soft disabled:no-underline',
  plain:
    'border border-line bg-sheet px-3 py-1.5 hover:border-ink disabled:border-dashed disabled:text-soft disabled:hover:border-line',
};

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
  return <button type={type} className={`min-h-6 ${looks[look]} ${className}`} {...rest} />;
}
