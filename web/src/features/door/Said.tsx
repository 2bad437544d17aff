/** What was refused, where no field caused it. */
export function Said({ children }: { children: string | undefined }) {
  if (!children) return null;
  return (
    <p
      role="alert"
      className="rounded-md border-2 border-chalk bg-chalk-wash px-3 py-2 font-medium text-chalk"
    >
      ✕ {children}
    </p>
  );
}
