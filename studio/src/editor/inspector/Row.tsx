import { Box, Grid } from '@chakra-ui/react';
import { useId } from 'react';

/** A label beside its control. The control gets the id by which the label names it. */
export function Row({
  label,
  aside,
  children,
}: {
  label: string;
  aside?: React.ReactNode;
  children: (id: string) => React.ReactNode;
}) {
  const id = useId();
  return (
    <Grid templateColumns={`92px minmax(0, 1fr)${aside ? ' 46px' : ''}`} gap="2" alignItems="center">
      <Box as="label" {...{ htmlFor: id }} color="slate" fontSize="13px" lineHeight="1.25">
        {label}
      </Box>
      {children(id)}
      {aside}
    </Grid>
  );
}
