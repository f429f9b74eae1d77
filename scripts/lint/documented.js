// A public function says in a doc comment what it does: what is exported, and what a class offers. What a framework calls by
// its own name, and constructors, are described where the framework is.
const hooks = new Set([
  'constructor',
  'onApplicationShutdown',
  'onModuleDestroy',
  'catch',
  'transform',
  'canActivate',
]);

const isFunction = (node) => node?.type === 'ArrowFunctionExpression' || node?.type === 'FunctionExpression';

/** @type {import('eslint').Rule.RuleModule} */
export default {
  meta: {
    type: 'suggestion',
    messages: { missing: '{{name}} is public: say what it does in a doc comment (/** … */) above it.' },
    schema: [],
  },
  create(context) {
    const { sourceCode } = context;
    const hasDoc = (node) => {
      const before = sourceCode.getCommentsBefore(node).at(-1);
      return before?.type === 'Block' && before.value.startsWith('*');
    };
    const report = (node, name) => context.report({ node, messageId: 'missing', data: { name } });
    const ofClass = (body, name) => {
      for (const member of body.body) {
        const isCall =
          member.type === 'MethodDefinition' ||
          (member.type === 'PropertyDefinition' && isFunction(member.value));
        const key = member.key?.name;
        const isPublic =
          key !== undefined && member.key.type === 'Identifier' && !member.accessibility?.startsWith('pr');
        if (isCall && isPublic && !hooks.has(key) && !hasDoc(member)) report(member, `${name}.${key}`);
      }
    };
    return {
      ExportNamedDeclaration(node) {
        const { declaration } = node;
        if (declaration?.type === 'ClassDeclaration') ofClass(declaration.body, declaration.id.name);
        if (declaration?.type === 'FunctionDeclaration' && !hasDoc(node)) report(node, declaration.id.name);
        if (declaration?.type === 'VariableDeclaration' && !hasDoc(node))
          for (const { id, init } of declaration.declarations) if (isFunction(init)) report(node, id.name);
      },
    };
  },
};
