import { Printer } from 'lucide-react';
import { Button } from '@/ui';

interface PrintButtonProps {
  readonly label: string;
  readonly size?: 'normal' | 'bench';
  readonly onPrint: () => void;
}

export function PrintButton({ label, size = 'normal', onPrint }: PrintButtonProps) {
  return (
    <Button className="print:hidden" size={size} onClick={onPrint}>
      <span className="flex items-center gap-2">
        <Printer size={16} aria-hidden /> {label}
      </span>
    </Button>
  );
}
