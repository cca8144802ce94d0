import { keys } from '../api/keys';
import { useQuery } from '@tanstack/react-query';

interface Shown {
  /** Alternative text; empty when adjacent text says the same. */
  name: string;
  className?: string;
}

/**
 * A drawing at its address, put into the page as it is: a page of many drawings as images would load a document for each,
 * which is some thirty times slower. What is found there never changes.
 */
export function Drawing({ src, ...shown }: Shown & { src: string }) {
  const loaded = useQuery({
    queryKey: keys.drawing(src),
    staleTime: Infinity,
    enabled: src !== '',
    queryFn: async () => {
      const answer = await fetch(src);
      return answer.ok ? answer.text() : '';
    },
  });
  return <DrawnHere svg={loaded.data ?? ''} {...shown} />;
}

/** A drawing that came along. Ids in drawings are made from their content, so that many may stand on one page. */
export function DrawnHere({ svg, name, className = '' }: Shown & { svg: string }) {
  return (
    <span
      {...(name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true })}
      className={`block [&>svg]:h-full [&>svg]:w-full ${className}`}
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
}
