import { Download } from 'lucide-react';
import type { ComponentPropsWithRef, ReactNode } from 'react';

type Weight = 'main' | 'plain' | 'grave';
type Size = 'normal' | 'bench';

const WEIGHTS: Record<Weight, string> = {
  main: 'bg-verdigris text-white border-verdigris hover:bg-verdigris-deep disabled:bg-cotton disabled:text-soft disabled:border-rule-strong',
  plain:
    'bg-white text-verdigris border-verdigris hover:bg-verdigris-tint disabled:text-soft disabled:border-rule-strong',
  grave: 'bg-white text-madder border-madder hover:bg-madder-tint disabled:text-soft disabled:border-rule-strong',
};

const SIZES: Record<Size, string> = {
  normal: 'px-3.5 py-1.5 font-semibold min-h-9',
  bench: 'px-4 py-2 text-lg font-semibold min-h-touch',
};

function classes(weight: Weight, size: Size, className: string): string {
  return `inline-flex items-center justify-center gap-1 rounded-md border ${WEIGHTS[weight]} ${SIZES[size]} ${className}`;
}

interface ButtonProps extends ComponentPropsWithRef<'button'> {
  readonly weight?: Weight;
  readonly size?: Size;
}

export function Button({ weight = 'plain', size = 'normal', className = '', type = 'button', ...rest }: ButtonProps) {
  return <button type={type} className={classes(weight, size, className)} {...rest} />;
}

interface ButtonLinkProps {
  readonly href: string;
  readonly weight?: Weight;
  readonly download?: boolean;
  readonly children: ReactNode;
}

/** A plain anchor that looks like a button: for files, which the router must not take over. */
export function ButtonLink({ href, weight = 'plain', download = false, children }: ButtonLinkProps) {
  return (
    <a href={href} download={download} className={classes(weight, 'normal', '')}>
      {download && <Download size={18} className="mr-1" aria-hidden />}
      {children}
    </a>
  );
}
