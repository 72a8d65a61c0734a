/** So many words make a sentence. */
const WORDS = 6;

const isSentence = (text) => {
  const words = text.trim().split(/\s+/);
  // a list of classes has hyphens in a third of its words and more
  if (3 * words.filter((word) => word.includes('-')).length >= words.length) return false;
  const plain = words.filter((word) => /^[("'“‘]*\p{L}[\p{L}’'-]*[.,;:!?)"'”’]*$/u.test(word));
  return plain.length >= WORDS && plain.length >= 0.7 * words.length;
};

/** Parts of a program whose texts nobody reads on a screen. */
const isUnread = (node) => {
  for (let at = node.parent; at; at = at.parent) {
    if (at.type === 'ThrowStatement' || at.type === 'ImportDeclaration' || at.type === 'TSLiteralType')
      return true;
    if (at.type === 'JSXAttribute' && /^(className|d|transform)$/.test(at.name.name)) return true;
    if (/Function|Program|Class/.test(at.type)) return false;
  }
  return false;
};

/** Sentences stand with the words: nothing else says anything in six words or more. */
export const sentences = {
  meta: { type: 'problem', schema: [], messages: { said: 'A sentence: it stands in src/words.' } },
  create(context) {
    const hold = (node, text) => {
      if (isSentence(text) && !isUnread(node)) context.report({ node, messageId: 'said' });
    };
    return {
      Literal: (node) => typeof node.value === 'string' && hold(node, node.value),
      JSXText: (node) => hold(node, node.value),
      TemplateLiteral: (node) => hold(node, node.quasis.map((q) => q.value.cooked ?? '').join(' … ')),
    };
  },
};
