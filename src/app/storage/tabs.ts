/* What the tabs of this browser tell one another about the documents they have open. */

export type TabMessage =
  | { readonly kind: 'opened' | 'here' | 'closed'; readonly id: string }
  | { readonly kind: 'saved'; readonly id: string; readonly revision: number }

const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel('ample-motif') : null

export const tellTabs = (message: TabMessage): void => channel?.postMessage(message)

/** Calls back on every message of another tab. */
export function onTabs(listen: (message: TabMessage) => void): () => void {
  const heard = ({ data }: MessageEvent<TabMessage>) => listen(data)
  channel?.addEventListener('message', heard)
  return () => channel?.removeEventListener('message', heard)
}
