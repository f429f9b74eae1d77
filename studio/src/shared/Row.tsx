import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { useId } from 'react';

/** Room for the longest label of a style, px. */
const labelWidth = 108;

/** A label beside its control. The control gets the id by which the label names it. */
export function Row({
  label,
  aside,
  narrow,
  above,
  wide,
  children,
}: {
  label: string;
  aside?: React.ReactNode;
  narrow?: boolean;
  /** The label stands above a control that needs the whole width. */
  above?: boolean;
  /** The label takes all the room that a small control, such as a switch, leaves. */
  wide?: boolean;
  children: (id: string) => React.ReactNode;
}) {
  const id = useId();
  const name = (
    <Box
      as="label"
      {...{ htmlFor: id }}
      title={label}
      color="slate"
      fontSize="13px"
      lineHeight="1.25"
      truncate
    >
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
      templateColumns={`${wide ? 'minmax(0, 1fr) auto' : `${narrow ? 64 : labelWidth}px minmax(0, 1fr)`}${aside ? ' 20px' : ''}`}
      gap="2"
      alignItems="center"
    >
      {name}
      {children(id)}
      {aside}
    </Grid>
  );
}
