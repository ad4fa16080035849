import { createEmptyHistoryState, registerHistory } from '@lexical/history';
import { registerPlainText } from '@lexical/plain-text';
import {
  $createParagraphNode,
  $createTextNode,
  $getRoot,
  $getSelection,
  $isElementNode,
  $isRangeSelection,
  $setSelection,
  COMMAND_PRIORITY_HIGH,
  HISTORY_MERGE_TAG,
  INSERT_LINE_BREAK_COMMAND,
  INSERT_PARAGRAPH_COMMAND,
  type LexicalEditor,
  type LexicalNode,
  type RangeSelection,
  TextNode,
  createEditor,
} from 'lexical';
import { keepOutOfChips } from './around-chips';
import { $chip, ChipNode } from './chip-node';
import { copyChips } from './copy-chips';
import { chipParts, chipWords } from './chip-words';

/** As long as a part of a line may be; what would be longer is not taken over. */
export const MOST_TEMPLATE = 400;

/** One part of a line under the hands: words and chips, in and out as a template. */
export interface LineEditor {
  readonly attach: (element: HTMLElement | null) => void;
  /** What it says now, as a template. */
  readonly template: () => string;
  readonly show: (template: string) => void;
  /** Puts a chip where the cursor is or was last, in place of what is selected, and leaves the cursor behind it. */
  readonly insert: (token: string) => void;
  readonly focus: () => void;
  readonly end: () => void;
}

const DELAY_MS = 300;

export function createLineEditor(language: string, first: string, onTemplate: (template: string) => void): LineEditor {
  const editor = createEditor({
    namespace: 'line',
    nodes: [ChipNode],
    theme: { paragraph: 'chip-line' },
    onError: (error: Error) => {
      throw error;
    },
  });
  let last: RangeSelection | null = null;
  let said = first;
  const show = (template: string) => {
    said = template;
    editor.update(() => $show(template, language), { discrete: true });
  };
  show(first);
  const ends = [
    registerPlainText(editor),
    registerHistory(editor, createEmptyHistoryState(), DELAY_MS),
    chipsAfterTyping(editor, language),
    // One line is one line.
    editor.registerCommand(INSERT_LINE_BREAK_COMMAND, () => true, COMMAND_PRIORITY_HIGH),
    editor.registerCommand(INSERT_PARAGRAPH_COMMAND, () => true, COMMAND_PRIORITY_HIGH),
    ...keepOutOfChips(editor),
    ...copyChips(editor),
    editor.registerUpdateListener(({ editorState, prevEditorState }) => {
      const now = editorState.read(() => {
        const selection = $getSelection();
        if ($isRangeSelection(selection)) last = selection.clone();
        return $template();
      });
      if (now.length > MOST_TEMPLATE) editor.setEditorState(prevEditorState);
      else if (now !== said) {
        said = now;
        onTemplate(now);
      }
    }),
  ];
  return {
    attach: (element) => editor.setRootElement(element),
    template: () => editor.getEditorState().read($template),
    show: (template) => {
      if (template !== said) show(template);
    },
    insert: (token) => {
      editor.update(
        () => {
          const chip = $chip(token, chipWords(token, language));
          $selectionFor(last).insertNodes([chip]);
          chip.selectEnd();
        },
        { discrete: true },
      );
      focusOn(editor);
    },
    focus: () => focusOn(editor),
    end: () => {
      for (const stop of ends) stop();
      editor.setRootElement(null);
    },
  };
}

function focusOn(editor: LexicalEditor): void {
  editor.focus(() => editor.getRootElement()?.focus());
}

/** Where the cursor is, or was last; else the end of the line. */
function $selectionFor(last: RangeSelection | null): RangeSelection {
  const now = $getSelection();
  if ($isRangeSelection(now)) return now;
  const isThere = last && [last.anchor, last.focus].every(({ key }) => $isThere(key));
  if (last && isThere) {
    const again = last.clone();
    $setSelection(again);
    return again;
  }
  return $getRoot().selectEnd();
}

function $isThere(key: string): boolean {
  return $leaves().some((node) => node.getKey() === key) || $getRoot().getChildrenKeys().includes(key);
}

function $leaves(): LexicalNode[] {
  return $getRoot()
    .getChildren()
    .flatMap((child) => ($isElementNode(child) ? child.getChildren() : [child]));
}

function $template(): string {
  return $leaves()
    .map((node) => (node instanceof ChipNode ? node.token : node.getTextContent()))
    .join('')
    .replaceAll(/\s*\n\s*/g, ' ');
}

function $show(template: string, language: string): void {
  const line = $createParagraphNode();
  for (const part of chipParts(template, language))
    line.append(part.kind === 'chip' ? $chip(part.token, part.words) : $createTextNode(part.words));
  $getRoot().clear().append(line);
  $setSelection(null);
}

/**
 * What is typed in braces becomes a chip once they are closed, in a task after that of the key: were it one already when the editor is
 * told of the key (where the page is slow, it has looked at the words before), the brace would be put in once more, behind the chip.
 */
function chipsAfterTyping(editor: LexicalEditor, language: string): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = editor.registerUpdateListener(({ editorState }) => {
    if (!editorState.read($withBraces)) return;
    clearTimeout(timer);
    timer = setTimeout(() => {
      // The next update of the editor asks again.
      if (editor.isComposing()) return;
      editor.update(() => $bracesToChips(language), { discrete: true, tag: HISTORY_MERGE_TAG });
    });
  });
  return () => {
    clearTimeout(timer);
    stop();
  };
}

const CLOSED_BRACES = /\{[^{}]+\}/;

/** The first of the words that have something in braces. */
function $withBraces(): TextNode | undefined {
  return $leaves().find(
    (node): node is TextNode =>
      node instanceof TextNode &&
      !(node instanceof ChipNode) &&
      node.isSimpleText() &&
      CLOSED_BRACES.test(node.getTextContent()),
  );
}

/** The cursor stays where it is in the words, or behind the chip that it has just closed. */
function $bracesToChips(language: string): void {
  for (let node = $withBraces(); node; node = $withBraces()) {
    const found = CLOSED_BRACES.exec(node.getTextContent());
    if (!found) return;
    const from = found.index;
    const [token] = found;
    const parts = node.splitText(...[from, from + token.length].filter((at) => at > 0));
    const target = parts[from > 0 ? 1 : 0];
    if (!target) return;
    target.replace($chip(token, chipWords(token, language)));
  }
}
