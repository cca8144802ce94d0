import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

interface Notice {
  id: number;
  text: string;
  action?: { label: string; run: () => void };
}

const Say = createContext<(text: string, action?: Notice['action']) => void>(() => {});
const Clear = createContext<() => void>(() => {});
/** Notices given together with a change of screen are shown on the next one. */
const freshMillis = 1500;

/** Short notices beside the steps, where they cover nothing, with at most one thing to do about them. */
export function Notices({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const say = useCallback((text: string, action?: Notice['action']) => {
    setNotices((before) => [...before.slice(-2), { id: Date.now() + Math.random(), text, action }]);
  }, []);
  const clear = useCallback(() => {
    const now = Date.now();
    setNotices((before) => before.filter((notice) => now - notice.id < freshMillis));
  }, []);
  const drop = (id: number) => setNotices((before) => before.filter((n) => n.id !== id));
  return (
    <Say value={say}>
      <Clear value={clear}>
        <Toast.Provider duration={8000} swipeDirection="down">
          {children}
          {notices.map((notice) => (
            <Toast.Root
              key={notice.id}
              onOpenChange={(open) => !open && drop(notice.id)}
              className="flex flex-wrap items-center gap-x-4 bg-ink px-3 py-2 text-[13px] text-sheet shadow-md"
            >
              <Toast.Title>{notice.text}</Toast.Title>
              {notice.action && (
                <Toast.Action altText={notice.action.label} asChild>
                  <button
                    type="button"
                    className="min-h-6 font-semibold underline"
                    onClick={notice.action.run}
                  >
                    {notice.action.label}
                  </button>
                </Toast.Action>
              )}
            </Toast.Root>
          ))}
          <Toast.Viewport className="fixed bottom-[154px] left-1 z-20 flex w-[142px] flex-col gap-2 max-[900px]:w-[112px] print:hidden" />
        </Toast.Provider>
      </Clear>
    </Say>
  );
}

/** Takes away the notices of a screen that is left. */
export function useClearNotices() {
  return useContext(Clear);
}

export function useSay() {
  return useContext(Say);
}
