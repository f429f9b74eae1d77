import type { Brand, StyleProperty, Value } from '@sirene/core/style';
import { Row } from '../Row.tsx';
import { StyleControl } from './controls.tsx';

interface Props {
  property: StyleProperty;
  /** What stands there now, from whatever level; none where nothing says. */
  resolved: { value: Value; css: string } | null | undefined;
  brand: Brand;
  /** Where it comes from, and the way back. */
  aside: React.ReactNode;
  onChange(value: Value | undefined): void;
}

/** A row of an inspector for one style property. */
export function ValueRow({ property, resolved, brand, aside, onChange }: Props) {
  return (
    <Row
      label={property.label}
      aside={aside}
      above={property.kind === 'gradient' || Array.isArray(resolved?.value)}
    >
      {(id) => (
        <StyleControl
          id={id}
          property={property}
          value={resolved?.value}
          css={resolved?.css ?? ''}
          brand={brand}
          onChange={onChange}
        />
      )}
    </Row>
  );
}
