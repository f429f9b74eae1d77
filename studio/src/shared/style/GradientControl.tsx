import { Box, Button, Flex, IconButton, Stack } from '@chakra-ui/react';
import { readGradient, writeGradient, type Gradient, type GradientStop } from '@sirene/core/style';
import { Plus, Trash2 } from 'lucide-react';
import { Choice } from '../Choice.tsx';
import { NumberInput } from '../NumberInput.tsx';
import { ColourField } from './ColourControl.tsx';
import { brandOptions, tokensOf, type StyleControlProps } from './control-props.ts';

const fresh: Gradient = {
  kind: 'linear',
  angle: 135,
  stops: [
    { colour: '{color.accent}', at: 0 },
    { colour: '{color.accent-strong}', at: 1 },
  ],
};

/** A gradient: its kind, its angle, and colours along it, of the brand or one's own. */
export function GradientControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const gradient = typeof value === 'string' ? readGradient(value) : null;
  const set = (change: Partial<Gradient>) => gradient && onChange(writeGradient({ ...gradient, ...change }));
  const setStop = (at: number, change: Partial<GradientStop>) =>
    gradient &&
    set({ stops: gradient.stops.with(at, { ...(gradient.stops[at] as GradientStop), ...change }) });
  const ofBrand = brandOptions(tokensOf(brand, property.tokens));
  const isOfBrand = typeof value === 'string' && value in ofBrand;
  const own: Record<string, string> =
    typeof value === 'string' && value !== 'none' && !gradient && !isOfBrand ? { own: 'Custom' } : {};
  return (
    <Stack gap="1.5">
      <Choice
        id={id}
        value={gradient?.kind ?? (isOfBrand ? value : (Object.keys(own)[0] ?? 'none'))}
        options={{
          none: 'None',
          linear: 'Linear',
          radial: 'Radial',
          conic: 'Conic',
          ...ofBrand,
          ...own,
        }}
        onChange={(kind) =>
          onChange(
            kind === 'none' || kind in ofBrand
              ? kind
              : writeGradient({ ...(gradient ?? fresh), kind: kind as Gradient['kind'] }),
          )
        }
      />
      {(gradient || isOfBrand) && (
        <Box h="16px" rounded="sm" borderWidth="1px" aria-hidden style={{ background: css }} />
      )}
      {gradient && (
        <>
          {gradient.kind !== 'radial' && (
            <Flex align="center" gap="1.5">
              <NumberInput
                label={`${property.label}, angle in degrees`}
                min={0}
                max={360}
                unit="deg"
                suffix="°"
                width="58px"
                value={gradient.angle}
                onChange={(angle) => set({ angle })}
              />
              <input
                type="range"
                aria-label={`${property.label}, angle, slider`}
                min={0}
                max={360}
                step={5}
                value={gradient.angle}
                onChange={(event) => set({ angle: event.target.valueAsNumber })}
                style={{ flex: 1, minWidth: 0, accentColor: 'var(--chakra-colors-deep)' }}
              />
            </Flex>
          )}
          {gradient.stops.map((stop, at) => (
            <Flex key={at} gap="0.5" align="center">
              <Box flex="1" minW="0">
                <ColourField
                  label={`${property.label}, colour ${at + 1}`}
                  value={stop.colour}
                  brand={brand}
                  group="color"
                  onChange={(colour) => setStop(at, { colour })}
                />
              </Box>
              <NumberInput
                label={`${property.label}, place of colour ${at + 1} in %`}
                bare
                min={0}
                max={100}
                unit="%"
                width="36px"
                value={Math.round(stop.at * 100)}
                onChange={(share) => setStop(at, { at: share / 100 })}
              />
              <IconButton
                size="2xs"
                variant="ghost"
                colorPalette="plain"
                aria-label={`Remove colour ${at + 1}`}
                disabled={gradient.stops.length === 2}
                onClick={() => set({ stops: gradient.stops.toSpliced(at, 1) })}
              >
                <Trash2 size={12} aria-hidden />
              </IconButton>
            </Flex>
          ))}
          <Button
            size="2xs"
            variant="outline"
            colorPalette="plain"
            alignSelf="start"
            disabled={gradient.stops.length >= 8}
            onClick={() => set({ stops: [...gradient.stops, { colour: '#ffffff', at: 1 }] })}
          >
            <Plus size={12} aria-hidden />
            Colour
          </Button>
        </>
      )}
    </Stack>
  );
}
