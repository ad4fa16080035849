import { $applyNodeReplacement, type EditorConfig, type NodeKey, type SerializedTextNode, TextNode } from 'lexical';

interface SerializedChip extends SerializedTextNode {
  readonly token: string;
}

/** Something of each entry within words that are typed: one thing, taken out and moved over as a whole. */
export class ChipNode extends TextNode {
  __token: string;

  static override getType(): string {
    return 'chip';
  }

  static override clone(node: ChipNode): ChipNode {
    return new ChipNode(node.__token, node.__text, node.__key);
  }

  static override importJSON(kept: Parameters<typeof TextNode.importJSON>[0]): TextNode {
    const { token, text } = kept as Partial<SerializedChip>;
    return $chip(token ?? '', text ?? '');
  }

  constructor(token = '', words = '', key?: NodeKey) {
    super(words, key);
    this.__token = token;
  }

  override exportJSON(): SerializedChip {
    return { ...super.exportJSON(), token: this.token };
  }

  override createDOM(config: EditorConfig): HTMLElement {
    const element = super.createDOM(config);
    element.className = 'chip';
    element.dataset.token = this.token;
    return element;
  }

  /** As the template writes it. */
  get token(): string {
    return this.getLatest().__token;
  }

  override canInsertTextBefore(): boolean {
    return false;
  }

  override canInsertTextAfter(): boolean {
    return false;
  }
}

export function $chip(token: string, words: string): ChipNode {
  return $applyNodeReplacement(new ChipNode(token, words).setMode('token'));
}
