import { Button, Field, Input, Stack } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { useSite } from '../app/session.ts';
import { at, post } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { siteAddress } from './site-address.ts';
import { inBackground } from '../shared/background.ts';

interface Entered {
  address: string;
  name: string;
}

/** The site's address, from which all else follows. */
export function SiteStep({ onMade }: { onMade(id: string): void }) {
  const { choose } = useSite();
  const { error, attempt } = useAttempt();
  const { register, handleSubmit, formState } = useForm<Entered>();
  const make = handleSubmit(({ address, name }) =>
    attempt(async () => {
      const whole = siteAddress(address) as URL;
      const site = await post(at('/api/sites'), {
        name: name.trim() || whole.hostname.replace(/^www\./, ''),
        origins: [whole.origin],
      });
      // Without the page everything goes on: it can be added later, from the stage.
      await post(at('/api/sites/{site}/pages/fetch', { site: site.id }), { address: whole.href }).catch(
        () => undefined,
      );
      await mutate('/api/sites');
      choose(site.id);
      onMade(site.id);
    }),
  );
  const { errors, isSubmitting } = formState;
  return (
    <form noValidate onSubmit={(event) => inBackground(make(event))}>
      <Stack gap="4">
        <Field.Root invalid={!!errors.address}>
          <Field.Label>Site URL</Field.Label>
          <Input
            placeholder="https://www.place.example"
            autoComplete="url"
            inputMode="url"
            {...register('address', {
              validate: (text) =>
                siteAddress(text) !== null || 'Enter the URL of the site, such as https://www.place.example',
            })}
          />
          <Field.HelperText>Its home page is fetched as the background of the stage.</Field.HelperText>
          <Field.ErrorText>{errors.address?.message}</Field.ErrorText>
        </Field.Root>
        <Field.Root>
          <Field.Label>Name</Field.Label>
          <Input
            placeholder="As you call the site; its domain if empty"
            maxLength={120}
            {...register('name')}
          />
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
        <Button type="submit" colorPalette="signal" alignSelf="start" loading={isSubmitting}>
          Create site
        </Button>
      </Stack>
    </form>
  );
}
