'use client';

import { Field, Input, Label, Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { dueWords, useFirstDay, useRun } from '@/client';
import { changeHead } from '@/core/edit';
import { useHeldText } from '@/ui';

/** Title and day of the run; both are changed where they are read. */
export function RunName({ todayIso }: { readonly todayIso: string }) {
  const { spec, change } = useRun();
  const [firstDay] = useFirstDay();
  const held = useHeldText(spec.title);
  const title = held.text;
  const rename = (text: string) => {
    held.type(text);
    if (text.trim() !== '') change((now) => changeHead(now, { title: text.trim() }));
  };
  return (
    <Popover className="relative min-w-0">
      <PopoverButton
        className="flex max-w-full items-baseline gap-x-4 rounded-md px-1 text-left hover:bg-white/10 max-lg:flex-wrap"
        title={`${spec.title}: rename this run or change its day`}
      >
        <span className="max-w-full min-w-0 truncate text-lg font-bold">{spec.title}</span>
        <span className="shrink-0 text-on-ink">{dueWords(spec.dueOn, todayIso, firstDay)}</span>
      </PopoverButton>
      <PopoverPanel className="absolute top-full left-0 z-20 mt-1 grid w-96 max-w-[90vw] gap-3 border border-rule-strong bg-paper p-4 text-ink shadow-xl">
        <Field>
          <Label className="heading-small mb-1 block">What the run is for</Label>
          <Input
            className="w-full"
            value={title}
            maxLength={200}
            aria-invalid={title.trim() === ''}
            onChange={(event) => rename(event.target.value)}
            onFocus={held.enter}
            onBlur={held.leave}
          />
          {title.trim() === '' && <p className="text-sm text-madder">A run needs a name; the last one is kept.</p>}
        </Field>
        <Field>
          <Label className="heading-small mb-1 block">Day it is due</Label>
          <Input
            type="date"
            className="measure"
            value={spec.dueOn ?? ''}
            onChange={({ target }) => change((now) => changeHead(now, { dueOn: target.value || null }))}
          />
        </Field>
      </PopoverPanel>
    </Popover>
  );
}
