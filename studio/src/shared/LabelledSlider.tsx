import { Flex, Slider, Text } from '@chakra-ui/react';

interface Props {
  label: string;
  value: number;
  unit: string;
  min?: number;
  max?: number;
  onChange(value: number): void;
}

/** A slider with its name and its figure above it. */
export function LabelledSlider({ label, value, unit, min = 0, max = 100, onChange }: Props) {
  return (
    <Slider.Root
      w="full"
      size="sm"
      colorPalette="plain"
      min={min}
      max={max}
      value={[value]}
      aria-label={[label]}
      onValueChange={({ value: [next = 0] }) => onChange(next)}
    >
      <Flex justify="space-between">
        <Slider.Label fontSize="13px" fontWeight="400">
          {label}
        </Slider.Label>
        <Text fontFamily="mono" fontSize="13px">
          {value} {unit}
        </Text>
      </Flex>
      <Slider.Control>
        <Slider.Track>
          <Slider.Range />
        </Slider.Track>
        <Slider.Thumbs />
      </Slider.Control>
    </Slider.Root>
  );
}
