// The order of core's wings, and no circles: of files anywhere, of folders in core. Imports are read from the sources once a
// run, tests apart, for a circle is seen only by who sees all files.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';

const imports = /(?:from|import)\s*\(?\s*'(\.[^']+)'/g;
const isTest = (file) => /\.test\.tsx?$/.test(file) || file.split(sep).includes('testing');

function* filesIn(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesIn(path);
    else if (/\.tsx?$/.test(entry.name) && !isTest(path)) yield path;
  }
}

/** The file that an import names: TypeScript is imported by the name of what is made of it. */
function fileOf(from, name) {
  const plain = resolve(dirname(from), name);
  return [plain, plain.replace(/\.js$/, '.ts'), plain.replace(/\.js$/, '.tsx')].find(
    (one) => /\.tsx?$/.test(one) && existsSync(one),
  );
}

const graphs = new Map();

/** What each file of a workspace imports of it. */
function graphOf(src) {
  let graph = graphs.get(src);
  if (!graph) {
    graph = new Map();
    for (const file of filesIn(src)) {
      const found = [...readFileSync(file, 'utf8').matchAll(imports)].flatMap(
        ([, name]) => fileOf(file, name) ?? [],
      );
      graph.set(file, new Set(found));
    }
    graphs.set(src, graph);
  }
  return graph;
}

/** Whether one leads to another, step by step. */
function leads(steps, from, to) {
  const open = [from];
  const seen = new Set(open);
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (at === to) return true;
    for (const next of steps(at))
      if (!seen.has(next)) {
        seen.add(next);
        open.push(next);
      }
  }
  return false;
}

const holds = (folder, other) => other === folder || other.startsWith(folder + sep);
const folderGraphs = new Map();

/** Which folders import which; one that holds another is not apart from it. */
function folderGraphOf(src) {
  let folders = folderGraphs.get(src);
  if (!folders) {
    folders = new Map();
    for (const [file, found] of graphOf(src))
      for (const target of found) {
        const [from, to] = [dirname(file), dirname(target)];
        if (!holds(from, to) && !holds(to, from)) folders.set(from, (folders.get(from) ?? new Set()).add(to));
      }
    folderGraphs.set(src, folders);
  }
  return folders;
}

export default {
  meta: {
    type: 'problem',
    schema: [
      {
        type: 'object',
        properties: { src: { type: 'string' }, wings: { type: 'array', items: { type: 'string' } } },
      },
    ],
    messages: {
      wing: '{{from}}/ may not import {{to}}/: a wing imports only those before it. Move what both need to an earlier wing; the order is in docs/architecture.md.',
      unknown:
        '{{from}}/ is no wing of core: put the file into one of {{wings}}, or name the new wing in eslint.config.js.',
      file: 'These files import each other in a circle, by way of {{to}}. Move what both need into a file of its own.',
      folder:
        '{{from}}/ and {{to}}/ import each other in a circle. Move what both need to a folder of its own.',
    },
  },
  create(context) {
    const [{ src, wings }] = context.options;
    const root = resolve(context.cwd, src);
    const { filename } = context;
    const graph = graphOf(root);
    if (isTest(filename)) return {};
    const wingOf = (file) => relative(root, file).split(sep)[0];
    const check = (node, name) => {
      const target = typeof name === 'string' && name.startsWith('.') ? fileOf(filename, name) : undefined;
      if (!target) return;
      if (leads((file) => graph.get(file) ?? [], target, filename))
        context.report({ node, messageId: 'file', data: { to: relative(root, target) } });
      if (!wings) return;
      const [from, to] = [wingOf(filename), wingOf(target)];
      if (!wings.includes(from))
        context.report({ node, messageId: 'unknown', data: { from, wings: wings.join(', ') } });
      else if (wings.indexOf(to) > wings.indexOf(from))
        context.report({ node, messageId: 'wing', data: { from, to } });
      const [folder, other] = [dirname(filename), dirname(target)];
      const folders = folderGraphOf(root);
      if (
        !holds(folder, other) &&
        !holds(other, folder) &&
        leads((at) => folders.get(at) ?? [], other, folder)
      )
        context.report({
          node,
          messageId: 'folder',
          data: { from: relative(root, folder), to: relative(root, other) },
        });
    };
    return {
      ImportDeclaration: (node) => check(node, node.source.value),
      ExportNamedDeclaration: (node) => node.source && check(node, node.source.value),
      ExportAllDeclaration: (node) => check(node, node.source.value),
      ImportExpression: (node) => check(node, node.source.value),
    };
  },
};
