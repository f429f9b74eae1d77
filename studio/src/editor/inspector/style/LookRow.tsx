import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Flex } from '@chakra-ui/react';
import { lookOf, mergeSheets, noLook, standardLook, type Brand, type Role } from '@sirene/core/style';
import { useState } from 'react';
import { lookId } from '../../../brand/look-id.ts';
import { SharedChange } from '../../../brand/SharedChange.tsx';
import { useEditing, useSettledDocument } from '../../state/editing.ts';
import { useSelection } from '../../state/selection.ts';
import { Choice } from '../../../shared/Choice.tsx';
import { NamePopover } from '../../../shared/NamePopover.tsx';
import { Row } from '../../../shared/Row.tsx';

/** The look of an element, or of the widget's box; what is set here can become a look, or change the one it has. */
export function LookRow({ element, role }: { element: string | null; role: Role }) {
  const { session, brand, site, setBrand } = useEditing();
  const { also } = useSelection();
  const document = useSettledDocument();
  const [change, setChange] = useState<{ brand: Brand; then: string | undefined } | null>(null);
  const looks = Object.entries(brand.looks).filter(([, look]) => look.role === role);
  const standard = standardLook(brand.looks, role);
  const chosen = element === null ? document.look : valueAt(document.elements, element)?.look;
  const worn = lookOf(brand.looks, role, chosen);
  const style = element === null ? document.style[role] : valueAt(document.elements, element)?.style;
  const paths = element === null ? [[]] : [element, ...also].map((id) => ['elements', id]);
  const put = (look: string | undefined, clear = false) =>
    session.apply({
      type: 'group',
      operations: paths.flatMap((path) => [
        { type: 'set' as const, path: [...path, 'look'], value: look },
        ...(clear
          ? [
              {
                type: 'set' as const,
                path: element === null ? ['style', role] : [...path, 'style'],
                value: undefined,
              },
            ]
          : []),
      ]),
    });
  const save = (name: string) => {
    const id = lookId(name, brand.looks);
    setChange({
      brand: { ...brand, looks: { ...brand.looks, [id]: { name, role, style: style ?? {} } } },
      then: id,
    });
  };
  const update = () => {
    const look = worn ? valueAt(brand.looks, worn) : undefined;
    if (!worn || !look || !style) return;
    const merged = mergeSheets(look.style, style);
    setChange({
      brand: { ...brand, looks: { ...brand.looks, [worn]: { ...look, style: merged } } },
      then: chosen,
    });
  };
  if (looks.length === 0 && !style) return null;
  return (
    <Box px="3" py="2" borderBottomWidth="1px">
      <Row label="Look">
        {(id) => (
          <Choice
            id={id}
            value={chosen ?? ''}
            unset={`${chosen}, no longer there`}
            options={{
              '': standard ? `${valueAt(brand.looks, standard)?.name ?? standard} (standard)` : 'None',
              ...(standard && { [noLook]: 'None' }),
              ...Object.fromEntries(looks.map(([key, look]) => [key, look.name])),
            }}
            onChange={(look) => put(look || undefined)}
          />
        )}
      </Row>
      {style && Object.keys(style).length > 0 && (
        <Flex gap="1.5" mt="2" wrap="wrap">
          <NewLook onSave={save} />
          {worn && valueAt(brand.looks, worn) && (
            <Button size="2xs" variant="outline" colorPalette="plain" onClick={update}>
              Update look
            </Button>
          )}
        </Flex>
      )}
      {change && (
        <SharedChange
          site={site}
          brand={change.brand}
          onClose={() => setChange(null)}
          onSaved={(saved) => {
            setChange(null);
            setBrand(saved);
            put(change.then, true);
          }}
        />
      )}
    </Box>
  );
}

function NewLook({ onSave }: { onSave(name: string): void }) {
  return (
    <NamePopover
      trigger={
        <Button size="2xs" variant="outline" colorPalette="plain">
          Save as a look …
        </Button>
      }
      title="New look"
      help="The values set here become a look that other elements can use."
      label="Look name"
      placeholder="Such as Subtle"
      action="Save"
      placement="left-start"
      onName={onSave}
    />
  );
}
