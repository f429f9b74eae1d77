import { NativeSelect } from '@chakra-ui/react';
import { aliasPath, type NamedToken, type Value } from '@sirene/core/style';

/** Takes a value from the brand by its name. Only its arrow is seen: the field beside it shows the name. */
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
    <NativeSelect.Root size="xs" w="24px" flex="none">
      <NativeSelect.Field
        aria-label={`${label} from the brand`}
        value={aliasPath(value) ?? ''}
        onChange={(event) => onChange(`{${event.target.value}}`)}
        title={`${label} from the brand: ${tokens.find(({ path }) => path === aliasPath(value))?.name ?? 'custom'}`}
        px="0"
        color="transparent"
        css={{ '& option': { color: 'ink', background: 'sheet' } }}
      >
        <option value="" disabled>
          custom
        </option>
        {tokens.map(({ path, name }) => (
          <option key={path} value={path}>
            {name}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator insetEnd="1" color="slate" />
    </NativeSelect.Root>
  );
}
