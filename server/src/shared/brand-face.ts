import { brandTokens, type Brand } from '@sirene/core/style';

/** A brand as far as pages and mails of Sirene's own wear it: CSS values of its main tokens. */
export interface BrandFace {
  ground: string;
  soft: string;
  ink: string;
  quiet: string;
  line: string;
  accent: string;
  onAccent: string;
  titleFont: string;
  textFont: string;
}

/** What a brand looks like where no widget is. */
export function faceOf(brand: Brand): BrandFace {
  const tokens = brandTokens(brand);
  const of = (path: string, otherwise: string) => tokens.get(path)?.css ?? otherwise;
  return {
    ground: of('color.ground', '#ffffff'),
    soft: of('color.soft', '#f1f3f4'),
    ink: of('color.ink', '#1d2528'),
    quiet: of('color.quiet', '#5b666b'),
    line: of('color.line', '#c6cdd0'),
    accent: of('color.accent', '#20566b'),
    onAccent: of('color.on-accent', '#ffffff'),
    titleFont: of('font.title', 'sans-serif'),
    textFont: of('font.text', 'sans-serif'),
  };
}
