import type { ComponentPropsWithRef } from 'react';

/** A small deed inside a line of text or a row, where a framed button would shout. */
export function TextButton({ className = '', type = 'button', ...rest }: ComponentPropsWithRef<'button'>) {
  return <button type={type} className={`text-link text-verdigris disabled:text-soft ${className}`} {...rest} />;
}
