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
      minW="20px"
      title="Set here. Click to reset"
      aria-label={`${label} is set here. Reset`}
      onClick={onReset}
    >
      <RotateCcw size={13} aria-hidden />
    </Button>
  );
}
