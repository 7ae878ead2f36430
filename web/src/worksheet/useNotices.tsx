import { App, Button } from 'antd'
import { useMemo } from 'react'

/** Short messages over the page. */
export interface Notices {
  readonly tell: (text: string) => void
  readonly warn: (text: string) => void
  /** A message with one act to go back. */
  readonly offer: (text: string, label: string, act: () => void) => void
}

const SECONDS = 8

/** How a page tells what has happened. */
export function useNotices(): Notices {
  const { message, notification } = App.useApp()
  return useMemo(
    () => ({
      tell: (text) => void message.success(text),
      warn: (text) => void message.warning(text, SECONDS),
      offer: (text, label, act) => {
        const key = crypto.randomUUID()
        notification.warning({
          key,
          title: text,
          placement: 'bottomRight',
          duration: SECONDS * 2,
          actions: (
            <Button
              type="primary"
              size="small"
              onClick={() => {
                notification.destroy(key)
                act()
              }}
            >
              {label}
            </Button>
          ),
        })
      },
    }),
    [message, notification],
  )
}
