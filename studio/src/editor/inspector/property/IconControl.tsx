import { Box, Button, Flex, Grid, Input, Popover, Portal, Text } from '@chakra-ui/react';
import { iconHtml, iconNames } from '@sirene/core/base/icons';
import { useState } from 'react';
import type { PropertyControlProps } from './control-props.ts';

/** An icon of the library, found by its name. */
export function IconControl({ id, property, value, onChange }: PropertyControlProps<string>) {
  const [open, setOpen] = useState(false);
  const [sought, setSought] = useState('');
  const found = iconNames.filter((name) => name.includes(sought.trim().toLowerCase().replaceAll(' ', '-')));
  const choose = (name: string | undefined) => {
    onChange(name);
    setOpen(false);
  };
  return (
    <Popover.Root
      open={open}
      onOpenChange={(change) => setOpen(change.open)}
      lazyMount
      unmountOnExit
      positioning={{ placement: 'left-start', gutter: 112 }}
    >
      <Popover.Trigger asChild>
        <Button
          id={id}
          size="xs"
          variant="outline"
          colorPalette="plain"
          justifyContent="start"
          fontWeight="400"
          w="full"
        >
          {value && <Drawn name={value} />}
          {value || 'None'}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="300px" aria-label={property.label}>
            <Popover.Body p="3">
              <Flex gap="2" mb="3">
                <Input
                  size="xs"
                  aria-label="Find an icon"
                  placeholder="Find an icon"
                  value={sought}
                  onChange={(event) => setSought(event.target.value)}
                />
                {!property.always && (
                  <Button size="xs" variant="outline" colorPalette="plain" onClick={() => choose(undefined)}>
                    None
                  </Button>
                )}
              </Flex>
              <Grid templateColumns="repeat(8, 32px)" gap="0.5" maxH="220px" overflow="auto">
                {found.map((name) => (
                  <Box
                    as="button"
                    key={name}
                    title={name.replaceAll('-', ' ')}
                    aria-label={name.replaceAll('-', ' ')}
                    aria-pressed={name === value}
                    display="grid"
                    placeItems="center"
                    h="32px"
                    rounded="sm"
                    bg={name === value ? 'line' : undefined}
                    _hover={{ bg: 'wash' }}
                    onClick={() => choose(name)}
                  >
                    <Drawn name={name} />
                  </Box>
                ))}
              </Grid>
              {found.length === 0 && <Text color="slate">No icons found.</Text>}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function Drawn({ name }: { name: string }) {
  const markup = iconHtml(name, '')?.text ?? '';
  // Written by core from its own library: nothing of it comes from outside.
  return (
    <span
      aria-hidden
      style={{ display: 'inline-block', width: 18, height: 18 }}
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
}
