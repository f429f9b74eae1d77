import { Box, Grid } from '@chakra-ui/react';
import { useId } from 'react';

/** A label beside its control. The control gets the id by which the label names it. */
export function Row({
  label,
  aside,
  narrow,
  children,
}: {
  label: string;
  aside?: React.ReactNode;
  narrow?: boolean;
  children: (id: string) => React.ReactNode;
}) {
  const id = useId();
  return (
    <Grid
      templateColumns={`${narrow ? 64 : 92}px minmax(0, 1fr)${aside ? ' 46px' : ''}`}
      gap="2"
      alignItems="center"
    >
      <Box as="label" {...{ htmlFor: id }} color="slate" fontSize="13px" lineHeight="1.25">
        {label}
      </Box>
      {children(id)}
      {aside}
    </Grid>
  );
}
