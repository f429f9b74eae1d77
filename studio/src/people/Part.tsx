import { Heading, Stack } from '@chakra-ui/react';

/** A part of what is known of a submission or a person, under its name. */
export function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Stack gap="1.5" borderTopWidth="1px" pt="4">
      <Heading as="h3" fontSize="13px" fontWeight="600" color="slate">
        {title}
      </Heading>
      {children}
    </Stack>
  );
}
