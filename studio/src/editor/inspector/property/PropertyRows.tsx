import { Box, IconButton, Text } from '@chakra-ui/react';
import type { InspectorProperty } from '@sirene/core/document/elements';
import { isRequiredAt, readPath, renameKey, type Operation, type Path } from '@sirene/core/document/widget';
import { Eye, EyeOff } from 'lucide-react';
import { memo, useState } from 'react';
import { useEditing, useValueAt } from '../../state/editing.ts';
import { Row } from '../../../shared/Row.tsx';
import { Section } from '../../../shared/Section.tsx';
import { PropertyControl } from './controls.tsx';

interface Props {
  /** Where in the document the properties belong to. */
  at: Path;
  properties: readonly InspectorProperty[];
  /** What stands there now. */
  owner: unknown;
}

/** What something says and does, as its definition describes it; what is rarely used stands folded. */
export function PropertySections({ at, properties, owner }: Props) {
  const rare = properties.filter((property) => property.rare);
  const common = properties.filter((property) => !property.rare);
  const set = rare.filter(({ path, always }) => !always && readPath(owner, path) !== undefined).length;
  return (
    <>
      <Section title="Content">
        <PropertyRows at={at} properties={common} owner={owner} />
        {common.length === 0 && <Text color="slate">A container for other elements.</Text>}
      </Section>
      {rare.length > 0 && (
        <Section title="More content" open={false} count={set}>
          <PropertyRows at={at} properties={rare} owner={owner} />
        </Section>
      )}
    </>
  );
}

/** Properties one below the other; those that the owner has no place for are left out. */
export function PropertyRows({ at, properties, owner }: Props) {
  return properties
    .filter(({ only }) => !only || only(owner as never))
    .map((property) => <PropertyRow key={property.path.join('.')} at={at.join('.')} property={property} />);
}

// Drawn again only when its own value changes.
const PropertyRow = memo(function PropertyRow({ at, property }: { at: string; property: InspectorProperty }) {
  const { session } = useEditing();
  const path = [...at.split('.'), ...property.path];
  const value = useValueAt(path);
  const [refused, setRefused] = useState<{ value: unknown; reason: string } | null>(null);
  const [seen, setSeen] = useState(value);
  // Undone, reset or set from elsewhere: what was refused before is no longer what one looks at.
  if (seen !== value) {
    setSeen(value);
    setRefused(null);
  }
  const set = (wanted: unknown, along: Record<string, unknown> = {}) => {
    const next = wanted === undefined && isRequiredAt(session.document, path) ? emptied(value) : wanted;
    const isName = path.length === 3 && path[0] === 'elements' && path[2] === 'key';
    if (isName && typeof next === 'string') {
      const problem = session.apply(renameKey(session.document, String(path[1]), next), path.join('.'));
      return setRefused(problem && { value: next, reason: problem.reason });
    }
    const operations = Object.entries({ [property.path.join('.')]: next, ...along }).map(
      ([key, one]): Operation => ({ type: 'set', path: [...at.split('.'), ...key.split('.')], value: one }),
    );
    const problem = session.apply(
      operations.length === 1 ? (operations[0] as Operation) : { type: 'group', operations },
      path.join('.'),
    );
    setRefused(problem && { value: next, reason: problem.reason });
  };
  const label = property.unit ? `${property.label} (${property.unit})` : property.label;
  return (
    <Box>
      <Row
        label={label}
        above={above.has(property.control)}
        wide={property.control === 'toggle'}
        aside={
          property.hides !== undefined &&
          value !== undefined && <HideSwitch at={at} label={property.label} name={property.hides} />
        }
      >
        {(control) => (
          <PropertyControl
            id={control}
            property={property}
            value={refused ? refused.value : value}
            onChange={set}
          />
        )}
      </Row>
      {refused && (
        <Text role="alert" mt="1" fontSize="12px" color="wine">
          Not applied: it {refused.reason}.
        </Text>
      )}
      {property.help && (
        <Text mt="1" fontSize="12px" color="slate">
          {property.help}
        </Text>
      )}
    </Box>
  );
});

/** Takes something off the page without losing what it says. */
function HideSwitch({ at, label, name }: { at: string; label: string; name: string }) {
  const { session } = useEditing();
  const path = [...at.split('.'), 'off'];
  const off = (useValueAt(path) ?? []) as readonly string[];
  const hidden = off.includes(name);
  const Icon = hidden ? EyeOff : Eye;
  const turn = () => {
    const next = hidden ? off.filter((one) => one !== name) : [...off, name];
    session.apply({ type: 'set', path, value: next.length > 0 ? next : undefined });
  };
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      aria-label={`${label}: hidden`}
      aria-pressed={hidden}
      title={hidden ? `Show ${label.toLowerCase()}` : `Hide ${label.toLowerCase()}`}
      onClick={turn}
    >
      <Icon size={13} aria-hidden />
    </IconButton>
  );
}

// What is written or chosen from images wants the whole width.
const above: ReadonlySet<InspectorProperty['control']> = new Set([
  'line',
  'lines',
  'rich',
  'code',
  'list',
  'order',
  'image',
  'video',
  'action',
  'answers',
  'chat-conditions',
  'formula',
  'comparison',
]);

/** What is left where something has to stand and its field was emptied. */
const emptied = (value: unknown): unknown =>
  typeof value === 'boolean' ? false : typeof value === 'string' ? '' : value;
