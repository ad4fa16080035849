import { type ShopSave, problemSentence } from '@/client';
import { Button, Notice } from '@/ui';

interface SaveNoticeProps {
  readonly save: ShopSave;
  readonly onTakeTheirs: () => void;
  readonly onRetry: () => void;
}

/** Why a change of a blank is not kept, and what can be done; nothing typed is lost meanwhile. */
export function SaveNotice({ save, onTakeTheirs, onRetry }: SaveNoticeProps) {
  if (save.kind === 'elsewhere') {
    return (
      <Notice severity="check" actions={<Button onClick={onTakeTheirs}>Take theirs</Button>}>
        <b>Another page changed this blank since.</b> What you typed stays here until you take theirs.
      </Notice>
    );
  }
  if (save.kind === 'failed') {
    return (
      <Notice severity="stop" actions={<Button onClick={onRetry}>Try again</Button>}>
        <b>Not kept.</b> {problemSentence(save.problem)}
      </Notice>
    );
  }
  return null;
}
