import { Component, type ReactNode } from 'react'
import { Failed } from '../ui/states'

interface Props {
  /** Another place begins anew. */
  place: string
  children: ReactNode
}

/** A view that could not be fetched or drawn says so, in place of a white page. */
export class Boundary extends Component<Props, { failed: string | null }> {
  override state = { failed: null }

  static getDerivedStateFromError() {
    return { failed: 'This page could not be opened.' }
  }

  override componentDidUpdate(before: Props) {
    if (before.place !== this.props.place && this.state.failed) this.setState({ failed: null })
  }

  override render() {
    return this.state.failed ? <Failed message={this.state.failed} retry={() => location.reload()} /> : this.props.children
  }
}
