import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { useId } from 'react';

/** A label beside its control. The control gets the id by which the label names it. */
export function Row({
  label,
  aside,
  narrow,
  above,
  children,
}: {
  label: string;
  aside?: React.ReactNode;
  narrow?: boolean;
  /** The label stands above a control that needs the whole width. */
  above?: boolean;
  children: (id: string) => React.ReactNode;
}) {
  const id = useId();
  const name = (
    <Box as="label" {...{ htmlFor: id }} color="slate" fontSize="13px" lineHeight="1.25">
      {label}
    </Box>
  );
  if (above) {
    return (
      <Stack gap="1">
        <Flex justify="space-between" align="center">
          {name}
          {aside}
        </Flex>
        {children(id)}
      </Stack>
    );
  }
  return (
    <Grid
      templateColumns={`${narrow ? 64 : 92}px minmax(0, 1fr)${aside ? ' 46px' : ''}`}
      gap="2"
      alignItems="center"
    >
      {name}
      {children(id)}
      {aside}
    </Grid>
  );
}
