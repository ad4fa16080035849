import { Button } from './button';
import { Notice } from './notice';

interface SaveNoticeProps {
  /** `elsewhere`: another page saved it since; `failed`: why, in words. Anything else is no problem. */
  readonly save: { readonly kind: 'elsewhere' | 'failed' | 'kept' | 'keeping'; readonly why?: string };
  readonly onTakeTheirs: () => void;
  readonly onRetry: () => void;
}

/** Why a change is not kept, and what can be done; nothing typed is lost meanwhile. */
export function SaveNotice({ save, onTakeTheirs, onRetry }: SaveNoticeProps) {
  if (save.kind === 'elsewhere') {
    return (
      <Notice severity="check" actions={<Button onClick={onTakeTheirs}>Take theirs</Button>}>
        <b>Another page changed this since.</b> What you typed stays here until you take theirs.
      </Notice>
    );
  }
  if (save.kind === 'failed') {
    return (
      <Notice severity="stop" actions={<Button onClick={onRetry}>Try again</Button>}>
        <b>Not kept.</b> {save.why}
      </Notice>
    );
  }
  return null;
}
