import { Box, Flex, Stack } from '@chakra-ui/react';
import { NumberInput } from '../NumberInput.tsx';
import type { StyleControlProps } from './control-props.ts';

/** A point of an image, in shares from its left and top: pressed on a small pane, or typed. */
export function PositionControl({ id, property, value, onChange }: StyleControlProps) {
  const [x = 50, y = 50] = String(value ?? '50% 50%')
    .split(' ')
    .map(parseFloat);
  const set = (across: number, down: number) => {
    const share = (one: number) => `${Math.round(Math.min(100, Math.max(0, one)))}%`;
    onChange(`${share(across)} ${share(down)}`);
  };
  return (
    <Flex gap="2" align="center">
      <Box
        position="relative"
        w="64px"
        h="44px"
        flex="none"
        bg="wash"
        borderWidth="1px"
        rounded="sm"
        cursor="crosshair"
        aria-hidden
        onPointerDown={(event) => {
          const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
          set(((event.clientX - left) / width) * 100, ((event.clientY - top) / height) * 100);
        }}
      >
        <Box
          position="absolute"
          w="8px"
          h="8px"
          rounded="full"
          bg="flare"
          translate="-4px -4px"
          style={{ left: `${x}%`, top: `${y}%` }}
        />
      </Box>
      <Stack gap="0.5" minW="0">
        <NumberInput
          id={id}
          label={`${property.label}, across in %`}
          unit="%"
          suffix="%"
          min={0}
          max={100}
          value={x}
          onChange={(next) => set(next, y)}
        />
        <NumberInput
          label={`${property.label}, down in %`}
          unit="%"
          suffix="%"
          min={0}
          max={100}
          value={y}
          onChange={(next) => set(x, next)}
        />
      </Stack>
    </Flex>
  );
}
