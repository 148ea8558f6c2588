import { Component, type ReactNode } from 'react';
import { Lost } from './Lost';

type Props = {
  /** The address; with another one it is tried anew. */
  at: string;
  children: ReactNode;
};

/** Says so where a view broke, or could not be had; nothing typed is lost with it. */
export class Broken extends Component<Props, { isBroken: boolean }> {
  override state = { isBroken: false };

  static getDerivedStateFromError = () => ({ isBroken: true });

  override componentDidUpdate({ at }: Props) {
    if (at !== this.props.at && this.state.isBroken) this.setState({ isBroken: false });
  }

  override render = () => (this.state.isBroken ? <Lost isBroken /> : this.props.children);
}
