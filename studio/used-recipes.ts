import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';

/**
 * Leaves the styles of Chakra's components out that the studio does not use: all of them together are a sixth of what a first
 * visit loads. Which are used is read from the imports.
 */
export function usedRecipes(src: string): Plugin {
  let used = new Set<string>();
  return {
    name: 'used-recipes',
    buildStart() {
      used = usedIn(src);
    },
    transform(code, id) {
      if (!/@chakra-ui\/react\/dist\/esm\/theme\/slot-recipes\.js$/.test(id)) return null;
      return code.replace(/^ {2}(\w+): \w+SlotRecipe,?$/gm, (line, name: string) =>
        used.has(name) ? line : '',
      );
    },
  };
}

/** The components that are imported, as recipes name them: `NativeSelect` is `nativeSelect`. */
function usedIn(folder: string): Set<string> {
  const names = new Set<string>();
  for (const path of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!/\.tsx?$/.test(path)) continue;
    const text = readFileSync(join(folder, path), 'utf8');
    for (const [, list = ''] of text.matchAll(/import \{([^}]*)\} from '@chakra-ui\/react'/g))
      for (const name of list.match(/\w+/g) ?? []) names.add(name.charAt(0).toLowerCase() + name.slice(1));
  }
  return names;
}
