import { Box, Button } from '@mui/material';
import { Component, type ReactNode } from 'react';
import { colour, typeSize } from '../theme.ts';

interface Props {
  /** A new value, such as another address, gives the view another try. */
  readonly place: string;
  readonly children: ReactNode;
}
interface State {
  readonly error: Error | undefined;
  readonly place: string;
}

/** Catches a view that fails, so that the rest of the application stays, and says what is kept. */
export class Caught extends Component<Props, State> {
  override state: State = { error: undefined, place: this.props.place };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  static getDerivedStateFromProps({ place }: Props, state: State): Partial<State> | null {
    return place === state.place ? null : { place, error: undefined };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <Box
        role="alert"
        sx={{
          m: 3,
          p: 2,
          border: `1px solid ${colour.plum}`,
          backgroundColor: colour.plumLight,
          maxWidth: 720,
        }}
      >
        <Box sx={{ fontSize: typeSize.title, fontWeight: 700, mb: 0.5 }}>This view has failed.</Box>
        <Box sx={{ mb: 1 }}>
          Everything that was saved is kept. What you typed and was not saved yet is kept in this browser, and
          is there again when the view opens. The fault: {error.message}
        </Box>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" color="primary" onClick={() => this.setState({ error: undefined })}>
            Open the view again
          </Button>
          <Button component="a" href="/">
            Go to the desk
          </Button>
        </Box>
      </Box>
    );
  }
}
