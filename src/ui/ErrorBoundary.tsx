import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button } from '@mantine/core'
import { Component, type ReactNode, Suspense } from 'react'
import { useHere } from './here'

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
    // Each part becomes usable by itself, so that no single task blocks the page.
    if (!error)
      return (
        <Suspense>
          <Part>{this.props.children}</Part>
        </Suspense>
      )
    return (
      <div className="sheet sheet-attention" role="alert">
        <p style={{ marginTop: 0 }}>
          <strong>
            <Trans>This could not be shown: {this.props.what}.</Trans>
          </strong>{' '}
          {error.message}
        </p>
        <Button variant="default" onClick={() => this.setState({ error: undefined })}>{t`Try again`}</Button>
      </div>
    )
  }
}

/** Says in the page whether a part that came from the server can be used yet: until then it answers no touch. */
function Part({ children }: { children: ReactNode }) {
  const isUsable = useHere(() => true, false)
  return (
    <div className="part" data-waits={isUsable ? undefined : ''}>
      {children}
    </div>
  )
}
