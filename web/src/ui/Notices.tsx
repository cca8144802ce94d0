import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

interface Notice {
  id: number;
  text: string;
  action?: { label: string; run: () => void };
}

const Say = createContext<(text: string, action?: Notice['action']) => void>(() => {});

/** Short notices at the foot of the stage, with at most one thing to do about them. */
export function Notices({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const say = useCallback((text: string, action?: Notice['action']) => {
    setNotices((before) => [...before.slice(-2), { id: Date.now() + Math.random(), text, action }]);
  }, []);
  const drop = (id: number) => setNotices((before) => before.filter((n) => n.id !== id));
  return (
    <Say value={say}>
      <Toast.Provider duration={8000} swipeDirection="down">
        {children}
        {notices.map((notice) => (
          <Toast.Root
            key={notice.id}
            onOpenChange={(open) => !open && drop(notice.id)}
            className="flex items-center gap-4 bg-ink px-4 py-2 text-sheet shadow-md"
          >
            <Toast.Title>{notice.text}</Toast.Title>
            {notice.action && (
              <Toast.Action altText={notice.action.label} asChild>
                <button type="button" className="min-h-6 font-semibold underline" onClick={notice.action.run}>
                  {notice.action.label}
                </button>
              </Toast.Action>
            )}
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed bottom-40 left-1/2 z-20 flex -translate-x-1/2 flex-col gap-2" />
      </Toast.Provider>
    </Say>
  );
}

export function useSay() {
  return useContext(Say);
}
