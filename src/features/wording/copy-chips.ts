import {
  $getSelection,
  $isRangeSelection,
  COMMAND_PRIORITY_HIGH,
  COPY_COMMAND,
  CUT_COMMAND,
  type LexicalEditor,
} from 'lexical';
import { ChipNode } from './chip-node';

/** What is copied has its chips in braces, as files have them: put in anywhere they are chips again. */
export function copyChips(editor: LexicalEditor): readonly (() => void)[] {
  const take = (event: unknown, isCut: boolean): boolean => {
    const selection = $getSelection();
    if (!(event instanceof ClipboardEvent) || !event.clipboardData || !$isRangeSelection(selection)) return false;
    if (selection.isCollapsed()) return false;
    const [start, end] = selection.isBackward()
      ? [selection.focus, selection.anchor]
      : [selection.anchor, selection.focus];
    const words = selection.getNodes().map((node) => {
      if (node instanceof ChipNode) return node.token;
      const text = node.getTextContent();
      const from = node.is(start.getNode()) && start.type === 'text' ? start.offset : 0;
      const to = node.is(end.getNode()) && end.type === 'text' ? end.offset : text.length;
      return node.getType() === 'text' ? text.slice(from, to) : '';
    });
    event.preventDefault();
    event.clipboardData.setData('text/plain', words.join(''));
    if (isCut) selection.removeText();
    return true;
  };
  return [
    editor.registerCommand(COPY_COMMAND, (event) => take(event, false), COMMAND_PRIORITY_HIGH),
    editor.registerCommand(CUT_COMMAND, (event) => take(event, true), COMMAND_PRIORITY_HIGH),
  ];
}
