import { useEffect } from 'react'
import { readyToKeep } from './places'

/** For views in which answers are taken: keeping them must work as soon as the connection is gone. */
export function useReadyToKeep(): void {
  useEffect(() => void readyToKeep(), [])
}
