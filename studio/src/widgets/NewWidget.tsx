import { Button, CloseButton, Dialog, Field, Input, NativeSelect, Portal, Stack } from '@chakra-ui/react';
import type { Kind } from '@sirene/core/widget';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { post, type Site, type Widget } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';

const kinds: Partial<Record<Kind, string>> = {
  popup: 'Pop-up',
  cta: 'Call to action in the page',
  form: 'Form in the page',
};

interface Entered {
  name: string;
  kind: Kind;
}

/** Asks for what a new widget needs: a name, and where it will stand. */
export function NewWidget({ site, open, onClose }: { site: Site; open: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  const [error, setError] = useState<unknown>(null);
  const { register, handleSubmit, formState } = useForm<Entered>({
    defaultValues: { name: '', kind: 'popup' },
  });
  const create = async (entered: Entered) => {
    setError(null);
    try {
      const widget = await post<Widget>(`/api/sites/${site.id}/widgets`, entered);
      await navigate(`/widgets/${widget.id}`);
    } catch (failure) {
      setError(failure);
    }
  };
  return (
    <Dialog.Root open={open} onOpenChange={(change) => !change.open && onClose()} placement="center">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <form onSubmit={(event) => void handleSubmit(create)(event)} noValidate>
              <Dialog.Header>
                <Dialog.Title>New widget</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body>
                <Stack gap="4">
                  <Field.Root invalid={!!formState.errors.name}>
                    <Field.Label>Name</Field.Label>
                    <Input
                      placeholder="Says what it is for, such as Winter shows"
                      {...register('name', {
                        validate: (name) => name.trim() !== '' || 'Give it a name that says what it is for',
                        maxLength: { value: 120, message: 'At most 120 characters' },
                      })}
                    />
                    <Field.ErrorText>{formState.errors.name?.message}</Field.ErrorText>
                  </Field.Root>
                  <Field.Root>
                    <Field.Label>Kind</Field.Label>
                    <NativeSelect.Root>
                      <NativeSelect.Field {...register('kind')}>
                        {Object.entries(kinds).map(([kind, label]) => (
                          <option key={kind} value={kind}>
                            {label}
                          </option>
                        ))}
                      </NativeSelect.Field>
                      <NativeSelect.Indicator />
                    </NativeSelect.Root>
                    <Field.HelperText>Placement and everything else can be changed later.</Field.HelperText>
                  </Field.Root>
                  {error !== null && <ErrorNote error={error} />}
                </Stack>
              </Dialog.Body>
              <Dialog.Footer>
                <Button type="button" variant="outline" colorPalette="plain" onClick={onClose}>
                  Cancel
                </Button>
                <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
                  Make it
                </Button>
              </Dialog.Footer>
              <Dialog.CloseTrigger asChild>
                <CloseButton size="sm" aria-label="Close" />
              </Dialog.CloseTrigger>
            </form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
