import { Component, type ComponentType, type ReactNode } from 'react'
import kit from './kit.module.css'

/** Shows what to do when a view fails, instead of an empty page. */
export class Guard extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false }

  static getDerivedStateFromError() {
    return { failed: true }
  }

  override render() {
    if (!this.state.failed) return this.props.children
    return (
      <div className={kit.empty} role="alert">
        <h2>This view has failed</h2>
        <p>What was saved is safe. Load the page again; if it happens twice, go back to the classes.</p>
        <button className={kit.linkButton} onClick={() => location.reload()}>
          Load again
        </button>
      </div>
    )
  }
}

/** A whole screen that says so when it fails. */
export function guarded<Props extends object>(Screen: ComponentType<Props>) {
  return function Guarded(props: Props) {
    return (
      <Guard>
        <Screen {...props} />
      </Guard>
    )
  }
}
