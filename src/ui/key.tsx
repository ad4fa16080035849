/** A key's name beside what it does. */
export function Key({ children }: { readonly children: string }) {
  return (
    <kbd className="measure ml-1.5 inline-block whitespace-nowrap rounded-md border border-current px-1.5 text-[0.75em] leading-5 font-semibold">
      {children}
    </kbd>
  );
}
