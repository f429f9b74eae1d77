import { valueAt } from '@sirene/core/maps';
import { Box, Button, Link, Text } from '@chakra-ui/react';
import { conditionParts, type Origin } from '@sirene/core/style';
import { useId, useState, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { useEditor } from '../../state/editor.tsx';
import { HereMark } from '../../../shared/HereMark.tsx';
import { conditionName } from '../../../shared/style/condition-names.ts';

const levelNames = { brand: 'brand', look: 'look', widget: 'widget', element: 'rest' } as const;

interface Props {
  origin: Origin | null;
  /** Whether it is set just where one is about to set it. */
  here: boolean;
  label: string;
  /** Whether what surrounds it speaks for it where nothing is set. */
  inherited: boolean;
  onReset(): void;
  children(mark: ReactNode): ReactNode;
}

/** Says where a value comes from; pressed, it resets what is set here, or tells how to get to where it is set. */
export function OriginMark({ origin, here, label, inherited, onReset, children }: Props) {
  const [open, setOpen] = useState(false);
  const panel = useId();
  if (here) {
    return children(<HereMark label={label} onReset={onReset} />);
  }
  const name = origin ? levelNames[origin.level] : inherited ? 'around' : null;
  const mark = (
    <Button
      size="2xs"
      variant="plain"
      color="slate"
      fontWeight="400"
      fontSize="12px"
      px="0"
      justifyContent="end"
      aria-expanded={open}
      aria-controls={open ? panel : undefined}
      title="Where it is set"
      aria-label={`${label}: set ${name ? `by ${name}` : 'nowhere'}. Tell me where`}
      onClick={() => setOpen(!open)}
    >
      {name ?? '–'}
    </Button>
  );
  return (
    <>
      {children(mark)}
      {open && (
        <Box id={panel} ms="100px" mt="1" fontSize="12px" color="slate">
          <Where origin={origin} inherited={inherited} />
        </Box>
      )}
    </>
  );
}

function Where({ origin, inherited }: Pick<Props, 'origin' | 'inherited'>) {
  const { brand, setTarget, setCondition } = useEditor();
  if (!origin)
    return <Text>Set nowhere: it is {inherited ? 'taken from what surrounds it' : 'as it comes'}.</Text>;
  const { level, condition, look, token } = origin;
  const when = condition === 'base' ? '' : `, for ${conditionName(conditionParts(condition))}`;
  const link = (to: string, text: string) => (
    <Link asChild color="deep" textDecoration="underline">
      <RouterLink to={to}>{text}</RouterLink>
    </Link>
  );
  const jump = (text: string, press: () => void) => (
    <Button size="2xs" variant="outline" colorPalette="plain" mt="1" onClick={press}>
      {text}
    </Button>
  );
  return (
    <>
      <Text>
        {level === 'brand' && 'Every widget of the site has it so'}
        {level === 'look' && `The look “${valueAt(brand.looks, look ?? '')?.name ?? look}” says so`}
        {level === 'widget' && 'The widget says so for all of its kind'}
        {level === 'element' && 'This element says so'}
        {when}. {token && link(`/brand?token=${token}`, `Token ${token}`)}
        {!token && level === 'look' && link(`/brand?look=${look ?? ''}`, 'Open the look')}
      </Text>
      {level === 'widget' &&
        jump('Go to that value', () => {
          setTarget('widget');
          setCondition(conditionParts(condition));
        })}
      {level === 'element' &&
        jump('Go to that value', () => {
          setTarget('element');
          setCondition(conditionParts(condition));
        })}
      {level === 'look' && token && <Text mt="1">{link(`/brand?look=${look ?? ''}`, 'Open the look')}</Text>}
    </>
  );
}
