import { Button } from '@mantine/core'
import { Component, type ReactNode } from 'react'

interface Props {
  readonly what: string
  readonly children: ReactNode
}

/** Keeps one part's failure from emptying the view, and says what failed. */
export class ErrorBoundary extends Component<Props, { error: Error | undefined }> {
  override state = { error: undefined as Error | undefined }

  static getDerivedStateFromError(error: Error) {
    return { error }
  }

  override render() {
    const { error } = this.state
    if (!error) return this.props.children
    return (
      <div className="sheet sheet-attention" role="alert">
        <p style={{ marginTop: 0 }}>
          <strong>{this.props.what} could not be shown.</strong> {error.message}
        </p>
        <Button variant="default" onClick={() => this.setState({ error: undefined })}>
          Try again
        </Button>
      </div>
    )
  }
}
