import { Button } from '@chakra-ui/react';
import { RotateCcw } from 'lucide-react';

/** Says that a value is set where one is about to set it; pressed, it takes that back. */
export function HereMark({ label, onReset }: { label: string; onReset(): void }) {
  return (
    <Button
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      color="deep"
      px="0"
      gap="0.5"
      justifyContent="end"
      title="Set here. Press to take it back"
      aria-label={`${label} is set here. Reset`}
      onClick={onReset}
    >
      here
      <RotateCcw size={11} aria-hidden />
    </Button>
  );
}
