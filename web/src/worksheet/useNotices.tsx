import { App, Button } from 'antd'
import { useMemo } from 'react'
import { Words } from '../typeset/Words'

/** Short messages over the page. */
export interface Notices {
  readonly tell: (text: string) => void
  readonly warn: (text: string) => void
  /** What the server has refused. */
  readonly refuse: (text: string) => void
  /** A message with one act to go back. */
  readonly offer: (text: string, label: string, act: () => void) => void
  /** The same of something that would be lost: it stays until it is taken or closed. */
  readonly keep: (text: string, label: string, act: () => void) => void
}

const SECONDS = 8

/** How a page tells what has happened. */
export function useNotices(): Notices {
  const { message, notification } = App.useApp()
  return useMemo(() => {
    const offer = (text: string, label: string, act: () => void, seconds: number | false) => {
      const key = crypto.randomUUID()
      notification.warning({
        key,
        title: <Words text={text} />,
        placement: 'bottomRight',
        duration: seconds,
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
    }
    return {
      tell: (text) => void message.success(<Words text={text} />),
      refuse: (text) => void message.error(<Words text={text} />, SECONDS),
      warn: (text) => void message.warning(<Words text={text} />, SECONDS),
      offer: (text, label, act) => offer(text, label, act, SECONDS * 2),
      keep: (text, label, act) => offer(text, label, act, false),
    }
  }, [message, notification])
}
