import { Tabs } from 'radix-ui';
import { useEffect, useRef, type ReactNode } from 'react';

export interface StepTab<T extends string> {
  value: T;
  words: string;
  content: ReactNode;
}

interface Props<T extends string> {
  label: string;
  value: T;
  tabs: readonly StepTab<T>[];
  onShow: (value: T) => void;
}

/** The controls of a step that has more of them than fit below each other: tabs, one of them open. */
export function StepTabs<T extends string>({ label, value, tabs, onShow }: Props<T>) {
  // However far down another tab was read, this one begins at its top.
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const step = top.current?.closest('#step');
    if (step) step.scrollTop = 0;
  }, [value]);
  return (
    <Tabs.Root
      ref={top}
      value={value}
      onValueChange={(t) => onShow(t as T)}
      data-tabs
      className="flex flex-col"
    >
      <Tabs.List aria-label={label} className="mb-3 flex border-b border-edge">
        {tabs.map((t) => (
          <Tabs.Trigger
            key={t.value}
            value={t.value}
            className="min-w-0 flex-auto border-b-3 border-transparent px-1 pb-1 text-sm whitespace-nowrap -outline-offset-2 hover:bg-well data-[state=active]:border-thread data-[state=active]:font-semibold"
          >
            {t.words}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {tabs.map((t) => (
        <Tabs.Content key={t.value} value={t.value} className="step-list">
          {t.content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
