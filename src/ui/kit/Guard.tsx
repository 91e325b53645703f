import { Component, type ReactNode } from 'react'

interface GuardProps {
  children: ReactNode
  /** What stands there instead of the usual notice. */
  fallback?: ReactNode
}

/** Shows what to do when a view fails, instead of an empty page. */
export class Guard extends Component<GuardProps, { failed: boolean }> {
  override state = { failed: false }

  static getDerivedStateFromError() {
    return { failed: true }
  }

  override render() {
    if (!this.state.failed) return this.props.children
    if (this.props.fallback !== undefined) return this.props.fallback
    return (
      <div className="empty" role="alert">
        <h2>This view has failed</h2>
        <p>What was saved is safe. Load the page again; if it happens twice, go back to the classes.</p>
        <button className="link-button" onClick={() => location.reload()}>
          Load again
        </button>
      </div>
    )
  }
}
