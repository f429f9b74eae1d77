import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { placementDefinitionOf } from '@sirene/core/document/placement';
import { purposes } from '@sirene/core/library/starters';
import type { SceneName } from '@sirene/core/document/widget';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { at, type Brand, post, remove, type Site } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { titleOfScene } from '../shared/scene-names.ts';
import { Sheet } from '../shared/Sheet.tsx';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { NameField, nameRule } from '../widgets/NameField.tsx';
import type { Shown } from './gallery.ts';
import { inBackground } from '../shared/background.ts';

interface Props {
  starter: Shown;
  brand: Brand;
  site: Site;
  onClose(): void;
}

/** A starter large, with all its scenes, and what a widget begun from it is to be called. */
export function BeginDialog({ starter, brand, site, onClose }: Props) {
  const { document, says, purpose, own } = starter;
  const navigate = useNavigate();
  const { error, attempt } = useAttempt();
  const { register, handleSubmit, formState } = useForm({ defaultValues: { name: document.name } });
  const begin = ({ name }: { name: string }) =>
    attempt(async () => {
      const widget = await post(at('/api/sites/{site}/widgets', { site: site.id }), { name, document });
      await navigate(`/widgets/${widget.id}`);
    });
  const forget = () =>
    attempt(async () => {
      await remove(at('/api/sites/{site}/starters/{starter}', { site: site.id, starter: starter.id }));
      await mutate(at('/api/sites/{site}/starters', { site: site.id }));
      onClose();
    });
  const others = (Object.keys(document.scenes) as SceneName[]).filter((name) => name !== 'opening');
  return (
    <Sheet
      title={document.name}
      size="lg"
      onClose={onClose}
      onSubmit={() => inBackground(handleSubmit(begin)())}
      foot={
        <>
          {own && (
            <Button
              type="button"
              variant="ghost"
              color="wine"
              order={-1}
              mr="auto"
              onClick={() => inBackground(forget())}
            >
              Remove starter
            </Button>
          )}
          <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
            Use starter
          </Button>
        </>
      }
    >
      <Stack gap="4">
        <Text>
          {says}{' '}
          <Text as="span" color="slate">
            {purposes[purpose]} · {placementDefinitionOf(document.placement).label}
          </Text>
        </Text>
        <WidgetPreview document={document} brand={brand} width={590} height={320} />
        {others.length > 0 && (
          <Flex gap="3" wrap="wrap">
            {others.map((scene) => (
              <Box key={scene}>
                <WidgetPreview document={document} brand={brand} width={188} height={110} scene={scene} />
                <Text fontSize="12px" color="slate" mt="1">
                  {titleOfScene(document, scene)}
                </Text>
              </Box>
            ))}
          </Flex>
        )}
        <NameField field={register('name', nameRule)} error={formState.errors.name?.message} />
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}
