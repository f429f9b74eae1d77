import { Button } from '@chakra-ui/react';
import { Check, Copy } from 'lucide-react';
import { useState } from 'react';
import { inBackground } from './background.ts';

/** Copies a text, and says that it did. */
export function CopyButton({ text, label }: { text: string; label: string }) {
  const [copied, setCopied] = useState(false);
  const copy = async () => {
    await navigator.clipboard.writeText(text);
    setCopied(true);
  };
  return (
    <Button
      size="xs"
      variant="outline"
      colorPalette="plain"
      onClick={() => inBackground(copy())}
      onBlur={() => setCopied(false)}
    >
      {copied ? <Check size={14} aria-hidden /> : <Copy size={14} aria-hidden />}
      {copied ? 'Copied' : label}
    </Button>
  );
}
