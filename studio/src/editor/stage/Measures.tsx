import { valueAt } from '@sirene/core/base/maps';
import { Box } from '@chakra-ui/react';
import { childrenOf, parentOf, rootsOf } from '@sirene/core/document/widget';
import { useDocument } from '../state/editing.ts';
import { useView } from '../state/view.ts';
import { distances } from './distances.ts';

/** The distances around the selected element, and its size. */
export function Measures({ id, scale }: { id: string; scale: number }) {
  const { stage } = useView();
  const { elements, ...document } = useDocument();
  const rect = stage.rectOf(id);
  const parent = parentOf(elements, id);
  if (!rect || !parent) return null;
  const isRoot = rootsOf(document).some(([, root]) => root === parent);
  // Around the elements of a scene stands the box, whose padding is worth knowing.
  const holder = stage.rectOf(isRoot ? null : parent);
  const siblings = childrenOf(valueAt(elements, parent)).filter((child) => child !== id);
  const neighbours = siblings.flatMap((child) => stage.rectOf(child) ?? []);
  const found = holder ? distances(rect, holder, neighbours) : [];
  return (
    <>
      {found.map(({ side, length, line }) => (
        <Box
          key={side}
          position="absolute"
          pointerEvents="none"
          bg="flare"
          data-distance={side}
          style={{
            left: line.x,
            top: line.y,
            width: Math.max(line.width, 1 / scale),
            height: Math.max(line.height, 1 / scale),
          }}
        >
          <Figure scale={scale}>{length}</Figure>
        </Box>
      ))}
      <Box position="absolute" pointerEvents="none" style={{ left: rect.right, top: rect.bottom }}>
        <Figure scale={scale}>{`${Math.round(rect.width)} × ${Math.round(rect.height)}`}</Figure>
      </Box>
    </>
  );
}

function Figure({ scale, children }: { scale: number; children: React.ReactNode }) {
  return (
    <Box
      position="absolute"
      left="50%"
      top="50%"
      px="1"
      rounded="xs"
      bg="flare"
      color="white"
      fontFamily="mono"
      fontSize="11px"
      lineHeight="15px"
      whiteSpace="nowrap"
      style={{ transform: `translate(-50%, -50%) scale(${1 / scale})` }}
    >
      {children}
    </Box>
  );
}
