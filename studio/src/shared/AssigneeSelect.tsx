import { NativeSelect } from '@chakra-ui/react';

export interface Member {
  id: string;
  name: string;
}

interface Props {
  members: readonly Member[];
  /** Who has taken it on, `null` for nobody; left out where that differs. */
  value: string | null | undefined;
  isDisabled?: boolean;
  onChange(assignee: string | null): void;
  /** Groups to whom it can be handed, and to which it was. */
  groups?: readonly Member[];
  group?: string | null;
  onGroup?(group: string): void;
}

const nobody = '-';
const unsaid = '';

/** Who of the site takes something on. */
export function AssigneeSelect({
  members,
  value,
  isDisabled,
  onChange,
  groups = [],
  group = null,
  onGroup,
}: Props) {
  const choose = (chosen: string) =>
    groups.some(({ id }) => id === chosen) ? onGroup?.(chosen) : onChange(chosen === nobody ? null : chosen);
  return (
    <NativeSelect.Root size="xs" w="150px" disabled={isDisabled}>
      <NativeSelect.Field
        aria-label="Assign to"
        bg="sheet"
        value={value === undefined ? unsaid : (value ?? group ?? nobody)}
        onChange={({ target }) => choose(target.value)}
      >
        {value === undefined && (
          <option value={unsaid} disabled>
            Assign to …
          </option>
        )}
        <option value={nobody}>Nobody</option>
        {members.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
        {groups.length > 0 && (
          <optgroup label="Groups">
            {groups.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </optgroup>
        )}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
