import { Button, Flex, Text } from '@chakra-ui/react';
import { Component, type ReactNode } from 'react';

interface Props {
  /** What it holds, as people call it: the inspector, the stage. */
  name: string;
  /** Takes the last change back, which may be to blame; left out where nothing is edited. */
  onUndo?: () => void;
  children: ReactNode;
}

/**
 * Keeps the rest of the screen alive when something in one region of it fails: says what happened, and offers the ways
 * out. What was edited is not in here, so nothing of it is lost.
 */
export class Boundary extends Component<Props, { error: Error | null }> {
  override state = { error: null as Error | null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  override render(): ReactNode {
    const { name, onUndo, children } = this.props;
    const { error } = this.state;
    if (!error) return children;
    const again = (before?: () => void) => () => {
      before?.();
      this.setState({ error: null });
    };
    return (
      <Flex role="alert" direction="column" align="start" gap="2" p="4" overflow="auto" minH="0">
        <Text fontWeight="600">Something went wrong in {name}.</Text>
        <Text fontSize="13px" color="slate">
          {onUndo ? 'Your changes are safe. Undo the last one, show' : 'Show'} {name} again, or reload. (
          {error.message})
        </Text>
        <Flex gap="2" wrap="wrap">
          {onUndo && (
            <Button size="xs" colorPalette="signal" onClick={again(onUndo)}>
              Undo the last change
            </Button>
          )}
          <Button size="xs" variant="outline" colorPalette="plain" onClick={again()}>
            Show again
          </Button>
          <Button size="xs" variant="outline" colorPalette="plain" onClick={() => location.reload()}>
            Reload
          </Button>
        </Flex>
      </Flex>
    );
  }
}
