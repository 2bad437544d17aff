import {
  useEffect,
  useRef,
  useState,
  type ComponentProps,
  type KeyboardEvent,
  type ReactNode,
  type Ref,
} from 'react';

interface Props<T> extends Omit<ComponentProps<'input'>, 'value' | 'onChange' | 'children'> {
  /** What is typed; the list is what fits it. */
  text: string;
  onText: (text: string) => void;
  found: readonly T[];
  /** Whether what was found still fits what was typed before; Enter then waits for what fits now. */
  isBehind?: boolean;
  keyOf: (one: T) => string;
  children: (one: T) => ReactNode;
  onChoose: (one: T) => void;
  /** Said instead of a list that is empty; nothing while it is not known. */
  empty?: ReactNode;
  listLabel: string;
  listId: string;
  listClass: string;
  field?: Ref<HTMLInputElement>;
}

/** A field that offers what fits as one types; by arrows and Enter, or by a finger. */
export function Suggest<T>({
  text,
  onText,
  found,
  isBehind = false,
  keyOf,
  children,
  onChoose,
  empty,
  listLabel,
  listId,
  listClass,
  field,
  ...input
}: Props<T>) {
  const [isOpen, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const isShown = isOpen && (found.length > 0 || Boolean(empty));
  /** The field that Enter was pressed in before what fits was there. */
  const entered = useRef<HTMLInputElement>(null);
  const choose = (one: T) => {
    setOpen(false);
    onChoose(one);
  };
  useEffect(() => {
    const input = entered.current;
    const one = found[at];
    if (isBehind || !input) return;
    entered.current = null;
    if (!one) return;
    input.blur();
    onChoose(one);
  });
  const onKeyDown = (e: KeyboardEvent<HTMLInputElement>) => {
    const one = found[at];
    if (e.key === 'ArrowDown') {
      setOpen(true);
      setAt(Math.min(at + 1, found.length - 1));
    } else if (e.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
    else if (e.key === 'Enter' && isOpen && (isBehind || one)) {
      if (isBehind) entered.current = e.currentTarget;
      else if (one) choose(one);
    } else if (e.key === 'Escape' && isOpen) {
      // Closes the list, and not what it stands in.
      e.stopPropagation();
      setOpen(false);
      e.currentTarget.blur();
    } else return;
    e.preventDefault();
  };
  return (
    <>
      <input
        {...input}
        ref={field}
        role="combobox"
        autoComplete="off"
        aria-expanded={isShown}
        aria-controls={listId}
        aria-activedescendant={isShown && found[at] ? `${listId}-${at}` : undefined}
        value={text}
        onFocus={() => setOpen(true)}
        onBlur={() => {
          entered.current = null;
          setOpen(false);
        }}
        onChange={(e) => {
          entered.current = null;
          onText(e.target.value);
          setAt(0);
          setOpen(true);
        }}
        onKeyDown={onKeyDown}
      />
      {isShown && (
        <ul
          id={listId}
          role="listbox"
          aria-label={listLabel}
          className={`absolute top-full z-40 mt-1 max-h-[70vh] overflow-y-auto rounded-lg border border-edge bg-sheet p-1 shadow-xl ${listClass}`}
        >
          {found.map((one, i) => (
            <li
              key={keyOf(one)}
              id={`${listId}-${i}`}
              role="option"
              aria-selected={i === at}
              onMouseDown={(e) => {
                e.preventDefault();
                choose(one);
              }}
              onMouseEnter={() => setAt(i)}
              className="flex cursor-pointer items-baseline gap-2 rounded px-2 py-1 aria-selected:bg-well"
            >
              {children(one)}
            </li>
          ))}
          {found.length === 0 && <li className="px-2 py-1 text-soft">{empty}</li>}
        </ul>
      )}
    </>
  );
}
