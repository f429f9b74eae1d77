import { Button, Field, Input, NativeSelect, Stack } from '@chakra-ui/react';
import { purposes, type Purpose } from '@sirene/core/library/starters';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { at, type ListedWidget, post } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

/** Keeps a widget among the site's starters, so that others can begin from it. */
export function KeepStarter({
  widget,
  onClose,
}: {
  widget: Pick<ListedWidget, 'id' | 'siteId' | 'name'>;
  onClose: () => void;
}) {
  const { error, attempt } = useAttempt();
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { purpose: 'gather' as Purpose, says: '' },
  });
  const path = at('/api/sites/{site}/starters', { site: widget.siteId });
  const keep = (entered: { purpose: Purpose; says: string }) =>
    attempt(async () => {
      await post(path, { ...entered, widget: widget.id });
      await mutate(path);
      onClose();
    });
  return (
    <Sheet
      title={`Save ${widget.name} as starter`}
      onClose={onClose}
      onSubmit={() => inBackground(handleSubmit(keep)())}
      foot={
        <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
          Save
        </Button>
      }
    >
      <Stack gap="4">
        <Field.Root invalid={!!formState.errors.says}>
          <Field.Label>Description</Field.Label>
          <Input
            placeholder="One sentence, such as Asks visitors of the shop for their address"
            {...register('says', {
              validate: (says) => says.trim() !== '' || 'Say in one sentence what it is for',
              maxLength: { value: 200, message: 'At most 200 characters' },
            })}
          />
          <Field.ErrorText>{formState.errors.says?.message}</Field.ErrorText>
        </Field.Root>
        <Field.Root>
          <Field.Label>Purpose</Field.Label>
          <NativeSelect.Root>
            <NativeSelect.Field {...register('purpose')}>
              {Object.entries(purposes).map(([purpose, label]) => (
                <option key={purpose} value={purpose}>
                  {label}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}
