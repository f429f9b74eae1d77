import type { InspectorProperty } from '@sirene/core/document/elements';

export interface PropertyControlProps<T = unknown> {
  id: string;
  property: InspectorProperty;
  value: T;
  /** `along` holds what is set with it, by key of the owner. */
  onChange(value: T | undefined, along?: Record<string, unknown>): void;
}
