import { Box, Button, Field, Flex, Heading, Input, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Navigate, useLocation } from 'react-router';
import { post } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useSession } from './session.ts';

interface Entered {
  email: string;
  password: string;
}

/** Where people sign in; on a demo, one click is enough. */
export function SignIn() {
  const { data: session, mutate } = useSession();
  const [error, setError] = useState<unknown>(null);
  const { register, handleSubmit, formState } = useForm<Entered>();
  const from = (useLocation().state as { from?: string } | null)?.from ?? '/widgets';

  const enter = async (path: string, body?: Entered) => {
    setError(null);
    try {
      await post(path, body);
      await mutate();
    } catch (failure) {
      setError(failure);
    }
  };

  if (session?.user) return <Navigate to={from} replace />;
  const { errors, isSubmitting } = formState;
  return (
    <Flex as="main" minH="100%" align="center" justify="center" p="6">
      <Box bg="sheet" borderWidth="1px" rounded="md" p="8" w="380px">
        <Heading as="h1" fontFamily="title" fontSize="28px" mb="1">
          Sirene
        </Heading>
        <Text color="slate" mb="6">
          Widgets for the sites you look after.
        </Text>
        <Stack gap="4">
          {session?.demo && (
            <Button colorPalette="signal" onClick={() => void enter('/api/session/demo')}>
              Sign in as the demo designer
            </Button>
          )}
          <form
            onSubmit={(event) => void handleSubmit((entered) => enter('/api/session', entered))(event)}
            noValidate
          >
            <Stack gap="4">
              <Field.Root invalid={!!errors.email}>
                <Field.Label>E-mail</Field.Label>
                <Input
                  type="email"
                  autoComplete="username"
                  {...register('email', { required: 'Enter your e-mail address' })}
                />
                <Field.ErrorText>{errors.email?.message}</Field.ErrorText>
              </Field.Root>
              <Field.Root invalid={!!errors.password}>
                <Field.Label>Password</Field.Label>
                <Input
                  type="password"
                  autoComplete="current-password"
                  {...register('password', { required: 'Enter your password' })}
                />
                <Field.ErrorText>{errors.password?.message}</Field.ErrorText>
              </Field.Root>
              {error !== null && <ErrorNote error={error} />}
              <Button type="submit" variant="outline" colorPalette="plain" loading={isSubmitting}>
                Sign in
              </Button>
            </Stack>
          </form>
        </Stack>
      </Box>
    </Flex>
  );
}
