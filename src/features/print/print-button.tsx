import { Printer } from 'lucide-react';
import { Button } from '@/ui';

export function PrintButton({ label, onPrint }: { readonly label: string; readonly onPrint: () => void }) {
  return (
    <Button className="print:hidden" onClick={onPrint}>
      <span className="flex items-center gap-2">
        <Printer size={16} aria-hidden /> {label}
      </span>
    </Button>
  );
}
