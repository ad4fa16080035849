import {
  $getSelection,
  $isElementNode,
  $isRangeSelection,
  COMMAND_PRIORITY_HIGH,
  CONTROLLED_TEXT_INSERTION_COMMAND,
  KEY_ARROW_LEFT_COMMAND,
  KEY_ARROW_RIGHT_COMMAND,
  type LexicalEditor,
  type LexicalNode,
  SELECTION_CHANGE_COMMAND,
} from 'lexical';
import { ChipNode } from './chip-node';

/** The cursor stands before a chip or behind it, never within: what is typed there would take its place. */
export function keepOutOfChips(editor: LexicalEditor): readonly (() => void)[] {
  const walk = (isForward: boolean) => (event: KeyboardEvent) => {
    if (event.shiftKey || event.altKey || event.ctrlKey || event.metaKey) return false;
    const chip = $chipAhead(isForward);
    if (!chip) return false;
    event.preventDefault();
    if (isForward) chip.selectEnd();
    else chip.selectStart();
    return true;
  };
  return [
    editor.registerCommand(KEY_ARROW_RIGHT_COMMAND, walk(true), COMMAND_PRIORITY_HIGH),
    editor.registerCommand(KEY_ARROW_LEFT_COMMAND, walk(false), COMMAND_PRIORITY_HIGH),
    // Also at the very moment of typing: the browser may tell of a step later than of the next letter.
    editor.registerCommand(SELECTION_CHANGE_COMMAND, $leaveChip, COMMAND_PRIORITY_HIGH),
    editor.registerCommand(CONTROLLED_TEXT_INSERTION_COMMAND, $leaveChip, COMMAND_PRIORITY_HIGH),
  ];
}

/** From within a chip to the nearer of its ends; others go on with what was asked. */
function $leaveChip(): boolean {
  const at = $caret();
  if (at?.node instanceof ChipNode) {
    const length = at.node.getTextContentSize();
    if (at.offset > 0 && at.offset < length) {
      if (at.offset * 2 < length) at.node.selectStart();
      else at.node.selectEnd();
    }
  }
  return false;
}

/** The chip that one step from the cursor would lead into or over. */
function $chipAhead(isForward: boolean): ChipNode | null {
  const at = $caret();
  if (!at) return null;
  const { node, offset } = at;
  // Before or behind everything it stands in the line itself.
  if ($isElementNode(node)) {
    const beside = node.getChildAtIndex(isForward ? offset : offset - 1);
    return beside instanceof ChipNode ? beside : null;
  }
  const isAtEnd = isForward ? offset >= node.getTextContentSize() : offset === 0;
  if (node instanceof ChipNode && !isAtEnd) return node;
  const next = isForward ? node.getNextSibling() : node.getPreviousSibling();
  return isAtEnd && next instanceof ChipNode ? next : null;
}

function $caret(): { readonly node: LexicalNode; readonly offset: number } | null {
  const selection = $getSelection();
  if (!$isRangeSelection(selection) || !selection.isCollapsed()) return null;
  return { node: selection.anchor.getNode(), offset: selection.anchor.offset };
}
