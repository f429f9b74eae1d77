import { NativeSelect } from '@chakra-ui/react';
import { aliasPath, type Value } from '@sirene/core/style';
import type { NamedToken } from './control-props.ts';

/** A value taken from the brand by its name; shows "own" while it is none of them. */
export function TokenChoice({
  label,
  tokens,
  value,
  onChange,
}: {
  label: string;
  tokens: readonly NamedToken[];
  value: Value | undefined;
  onChange(alias: string): void;
}) {
  if (tokens.length === 0) return null;
  return (
    <NativeSelect.Root size="xs" w="72px" flex="none">
      <NativeSelect.Field
        aria-label={`${label} from the brand`}
        value={aliasPath(value) ?? ''}
        onChange={(event) => onChange(`{${event.target.value}}`)}
        px="1.5"
      >
        <option value="" disabled>
          own
        </option>
        {tokens.map(({ path, name }) => (
          <option key={path} value={path}>
            {name}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
