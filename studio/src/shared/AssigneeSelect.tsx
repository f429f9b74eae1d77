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
}

const nobody = '-';
const unsaid = '';

/** Who of the site takes something on. */
export function AssigneeSelect({ members, value, isDisabled, onChange }: Props) {
  return (
    <NativeSelect.Root size="xs" w="150px" disabled={isDisabled}>
      <NativeSelect.Field
        aria-label="Assign to"
        bg="sheet"
        value={value === undefined ? unsaid : (value ?? nobody)}
        onChange={({ target }) => onChange(target.value === nobody ? null : target.value)}
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
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
