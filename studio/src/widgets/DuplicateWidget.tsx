import { Button, Field, NativeSelect, Stack } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSites } from '../app/session.ts';
import { at, type ListedWidget, post } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { NameField, nameRule } from './NameField.tsx';
import { inBackground } from '../shared/background.ts';

/** Makes a copy, here or on another site; the copy opens with what is worth checking in it. */
export function DuplicateWidget({
  widget,
  onClose,
}: {
  widget: Pick<ListedWidget, 'id' | 'siteId' | 'name'>;
  onClose: () => void;
}) {
  const { data: sites = [] } = useSites();
  const navigate = useNavigate();
  const { error, attempt } = useAttempt();
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { name: `${widget.name} (copy)`.slice(0, 120), site: widget.siteId },
  });
  const copy = (entered: { name: string; site: string }) =>
    attempt(async () => {
      const made = await post(at('/api/widgets/{widget}/copy', { widget: widget.id }), entered);
      await navigate(`/widgets/${made.id}`, { state: { copyOf: widget.name } });
    });
  return (
    <Sheet
      title={`Duplicate ${widget.name}`}
      onClose={onClose}
      onSubmit={() => inBackground(handleSubmit(copy)())}
      foot={
        <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
          Duplicate
        </Button>
      }
    >
      <Stack gap="4">
        <NameField field={register('name', nameRule)} error={formState.errors.name?.message} />
        <Field.Root>
          <Field.Label>Site</Field.Label>
          <NativeSelect.Root>
            <NativeSelect.Field {...register('site')}>
              {sites.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
          <Field.HelperText>
            The copy is a draft. Visitors see nothing until it is published.
          </Field.HelperText>
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}
