import { Input } from '@chakra-ui/react';
import { valueProblem } from '@sirene/core/style';
import { useState } from 'react';
import type { StyleControlProps } from './control-props.ts';

/** A size: pixels, a share such as 50%, or auto. */
export function SizeControl({ id, property, value, onChange }: StyleControlProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? String(value ?? '');
  const read = (text: string) => (/^-?[\d.]+$/.test(text.trim()) ? Number(text) : text.trim());
  const problem = typed ? valueProblem(property.name, read(typed)) : null;
  return (
    <Input
      id={id}
      size="xs"
      placeholder="as it comes"
      title="Pixels, a share such as 50%, fit-content or auto"
      value={shown}
      aria-invalid={problem !== null}
      css={problem ? { borderColor: 'wine', color: 'wine' } : undefined}
      onBlur={() => setTyped(null)}
      onChange={(event) => {
        const text = event.target.value;
        setTyped(text);
        if (text.trim() !== '' && valueProblem(property.name, read(text)) === null) onChange(read(text));
      }}
    />
  );
}
