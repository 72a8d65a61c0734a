import ts from 'typescript';

/** The members of a closed list: the union that a type of that name stands for, in the program that is checked. */
function membersOf(program, { file, type }) {
  const source = program.getSourceFiles().find((s) => s.fileName.endsWith(file));
  const module = source && program.getTypeChecker().getSymbolAtLocation(source);
  const named = module?.exports?.get(type);
  if (!named) return new Set();
  const list = program.getTypeChecker().getDeclaredTypeOfSymbol(named);
  return new Set((list.isUnion() ? list.types : [list]).map((t) => t.value));
}

const members = new WeakMap();
function memberSets(program, lists) {
  if (!members.has(program))
    members.set(
      program,
      lists.map((list) => ({ ...list, members: membersOf(program, list) })),
    );
  return members.get(program);
}

/** What stands in a table is asked of the table: no member of a closed list is compared by its name, by a variable neither. */
export const closedLists = {
  meta: {
    type: 'problem',
    schema: [{ type: 'array', items: { type: 'object' } }],
    messages: { byName: '"{{name}}" is told by its name here: ask {{table}}.' },
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap } = context.sourceCode.parserServices;
    const lists = memberSets(program, context.options[0]);
    const checker = program.getTypeChecker();

    const valuesOf = (node) => {
      const type = checker.getTypeAtLocation(esTreeNodeToTSNodeMap.get(node));
      const parts = (type.isUnion() ? type.types : [type]).filter(
        (t) => !(t.flags & (ts.TypeFlags.Undefined | ts.TypeFlags.Null)),
      );
      return parts.every((t) => t.isStringLiteral()) ? parts.map((t) => t.value) : [];
    };
    /** The list that both sides are of: all that the one can be, and the one that it is held against. */
    const listOf = (asked, against) =>
      lists.find(
        ({ members }) => asked.length > 1 && [...asked, ...against].every((value) => members.has(value)),
      );
    const hold = (node, asked, against) => {
      const list = against.length === 1 ? listOf(asked, against) : undefined;
      if (list) context.report({ node, messageId: 'byName', data: { name: against[0], table: list.table } });
    };
    return {
      'BinaryExpression[operator=/^[!=]==?$/]'(node) {
        const [left, right] = [valuesOf(node.left), valuesOf(node.right)];
        hold(node, left, right);
        hold(node, right, left);
      },
      SwitchStatement(node) {
        const asked = valuesOf(node.discriminant);
        for (const { test } of node.cases) if (test) hold(test, asked, valuesOf(test));
      },
      "CallExpression[callee.property.name='includes']"(node) {
        const [asked] = node.arguments;
        if (node.callee.object.type !== 'ArrayExpression' || !asked) return;
        for (const element of node.callee.object.elements) hold(element, valuesOf(asked), valuesOf(element));
      },
    };
  },
};
