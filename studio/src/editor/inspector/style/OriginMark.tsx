import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Link, Text } from '@chakra-ui/react';
import { conditionParts, type Origin } from '@sirene/core/style';
import { useId, useState, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { useEditing } from '../../state/editing.ts';
import { type Target, useSelection } from '../../state/selection.ts';
import { useView } from '../../state/view.ts';
import { HereMark } from '../../../shared/HereMark.tsx';
import { originName } from '../../../shared/style/origins.ts';
import { conditionName } from '../../../shared/style/condition-names.ts';

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
  const [name, Icon] = originName(origin?.level ?? null, inherited);
  const mark = (
    <Button
      size="2xs"
      variant="plain"
      color="slate"
      px="0"
      minW="20px"
      aria-expanded={open}
      aria-controls={open ? panel : undefined}
      title={`Origin: ${name}`}
      aria-label={`${label}, origin: ${name}`}
      onClick={() => setOpen(!open)}
    >
      <Icon size={13} aria-hidden />
    </Button>
  );
  return (
    <>
      {children(mark)}
      {open && (
        <Box id={panel} mt="1" fontSize="12px" color="slate">
          <Where origin={origin} inherited={inherited} />
        </Box>
      )}
    </>
  );
}

function Where({ origin, inherited }: Pick<Props, 'origin' | 'inherited'>) {
  const { brand } = useEditing();
  const { setTarget } = useSelection();
  const { setCondition } = useView();
  if (!origin) return <Text>Set nowhere: it is {inherited ? 'inherited' : 'default'}.</Text>;
  const { level, condition, look, token } = origin;
  const when = condition === 'base' ? '' : `, for ${conditionName(conditionParts(condition))}`;
  const link = (to: string, text: string) => (
    <Link asChild color="deep" textDecoration="underline">
      <RouterLink to={to}>{text}</RouterLink>
    </Link>
  );
  const jump = (target: Target) => (
    <Button
      size="2xs"
      variant="outline"
      colorPalette="plain"
      mt="1"
      onClick={() => {
        setTarget(target);
        setCondition(conditionParts(condition));
      }}
    >
      Go to value
    </Button>
  );
  const openLook = () => link(`/brand?look=${look ?? ''}`, 'Open look');
  return (
    <>
      <Text>
        {level === 'brand' && 'Set in the brand, for every widget of the site'}
        {level === 'placement' && 'Set by the placement'}
        {level === 'look' && `Set in the look “${valueAt(brand.looks, look ?? '')?.name ?? look}”`}
        {level === 'widget' && 'Set in this widget, for all elements of this type'}
        {level === 'element' && 'Set on this element'}
        {when}. {token && link(`/brand?token=${token}`, `Token ${token}`)}
        {!token && level === 'look' && openLook()}
      </Text>
      {(level === 'widget' || level === 'element') && jump(level)}
      {level === 'look' && token && <Text mt="1">{openLook()}</Text>}
    </>
  );
}
