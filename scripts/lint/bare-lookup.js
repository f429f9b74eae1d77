// Refuses record[key] where the key is any string at all: what every object inherits ("constructor") would be found.
import ts from 'typescript';

export default {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      bare: 'A key that comes from data may be "constructor": read with valueAt() of @sirene/core/base/maps, or use a Map.',
    },
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap: nodes } = context.sourceCode.parserServices;
    if (!program) return {};
    const checker = program.getTypeChecker();
    const typeOf = (node) => checker.getTypeAtLocation(nodes.get(node));
    return {
      MemberExpression(node) {
        if (!node.computed || node.property.type === 'Literal') return;
        const { parent } = node;
        // Written without being read first: what it replaces does not matter.
        if (parent.type === 'AssignmentExpression' && parent.left === node && parent.operator === '=') return;
        if (parent.type === 'UnaryExpression' && parent.operator === 'delete') return;
        const isString = (typeOf(node.property).flags & ts.TypeFlags.StringLike) !== 0;
        const record = checker.getNonNullableType(typeOf(node.object));
        if (isString && checker.getIndexInfoOfType(record, ts.IndexKind.String))
          context.report({ node, messageId: 'bare' });
      },
    };
  },
};
