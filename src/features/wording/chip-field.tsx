'use client';

import { type KeyboardEvent, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { type LineEditor, createLineEditor } from './line-editor';

interface ChipFieldProps {
  readonly label: string;
  readonly template: string;
  readonly language: string;
  readonly onTemplate: (template: string) => void;
  readonly onEnter: () => void;
  readonly onEditor: (editor: LineEditor | null) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** A part of a line: words are typed, chips stand for something of each entry. Nobody else changes it while the cursor stands in it. */
export function ChipField(props: ChipFieldProps) {
  const { label, template, language, onTemplate, onEnter, onEditor, onKeyDown } = props;
  const latest = useRef({ onTemplate, onEditor });
  useEffect(() => {
    latest.current = { onTemplate, onEditor };
  });
  const element = useRef<HTMLDivElement>(null);
  const [editor, setEditor] = useState<LineEditor | null>(null);
  const [isHeld, setHeld] = useState(false);
  // Nothing can be typed before the page has woken up: it would stand beside what the line says.
  useLayoutEffect(() => {
    const one = createLineEditor(language, template, (text) => latest.current.onTemplate(text));
    one.attach(element.current);
    setEditor(one);
    latest.current.onEditor(one);
    return () => {
      latest.current.onEditor(null);
      one.end();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it says first; later changes are shown below
  }, [language]);
  useEffect(() => {
    if (!isHeld) editor?.show(template);
  }, [editor, template, isHeld]);
  return (
    <div
      ref={element}
      role={editor ? 'textbox' : undefined}
      aria-label={label}
      aria-multiline="false"
      tabIndex={0}
      contentEditable={editor !== null}
      suppressContentEditableWarning
      spellCheck={false}
      data-template={template}
      className="chip-field min-w-40 flex-1"
      onFocus={() => {
        setHeld(true);
        onEnter();
      }}
      onBlur={() => setHeld(false)}
      onKeyDown={onKeyDown}
    />
  );
}
