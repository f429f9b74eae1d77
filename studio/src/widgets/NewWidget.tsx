import { Button, Field, Link, NativeSelect, Stack, Text } from '@chakra-ui/react';
import type { Kind } from '@sirene/core/document/widget';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, useNavigate } from 'react-router';
import { at, post, type Site } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { kindNames } from './kinds.ts';
import { NameField, nameRule } from './NameField.tsx';
import { inBackground } from '../shared/background.ts';

interface Entered {
  name: string;
  kind: Kind;
}

/** Asks for what a new widget needs: a name, and what it will be. */
export function NewWidget({ site, onClose }: { site: Site; onClose: () => void }) {
  const navigate = useNavigate();
  const { error, attempt } = useAttempt();
  const { register, handleSubmit, formState } = useForm<Entered>({
    defaultValues: { name: '', kind: 'popup' },
  });
  const create = (entered: Entered) =>
    attempt(async () => {
      const widget = await post(at('/api/sites/{site}/widgets', { site: site.id }), entered);
      await navigate(`/widgets/${widget.id}`);
    });
  return (
    <Sheet
      title="New widget"
      onClose={onClose}
      onSubmit={() => inBackground(handleSubmit(create)())}
      foot={
        <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
          Create
        </Button>
      }
    >
      <Stack gap="4">
        <NameField field={register('name', nameRule)} error={formState.errors.name?.message} />
        <Field.Root>
          <Field.Label>Type</Field.Label>
          <NativeSelect.Root>
            <NativeSelect.Field {...register('kind')}>
              {Object.entries(kindNames).map(([kind, label]) => (
                <option key={kind} value={kind}>
                  {label}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
          <Field.HelperText>Placement and everything else can be changed later.</Field.HelperText>
        </Field.Root>
        <Text color="slate">
          It begins empty. To begin from something ready-made, look through the{' '}
          <Link asChild color="deep" textDecoration="underline">
            <RouterLink to="/starters">starters</RouterLink>
          </Link>
          .
        </Text>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}
