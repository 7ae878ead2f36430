import { App, Button, Space } from 'antd'
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
  /** A message with several acts, none of which need be taken. */
  readonly offerAny: (text: string, choices: readonly Choice[]) => void
  /** A question with its answers; it stays until one is taken. */
  readonly choose: (text: string, choices: readonly Choice[]) => void
  /** The same of something that would be lost: it stays until it is taken or closed. */
  readonly keep: (text: string, label: string, act: () => void) => void
  /** Takes away what speaks of a change that is taken back. */
  readonly forget: () => void
}

/** An answer, and what it does. */
export interface Choice {
  readonly label: string
  readonly act: () => void
}

const SECONDS = 8

/** The notices that speak of what was done, and go when it is undone. */
const ofChanges = new Set<string>()

/** How a page tells what has happened. */
export function useNotices(): Notices {
  const { message, notification } = App.useApp()
  return useMemo(() => {
    const choose = (text: string, choices: readonly Choice[], seconds: number | false) => {
      const key = crypto.randomUUID()
      if (seconds !== false) ofChanges.add(key)
      notification.warning({
        key,
        title: <Words text={text} />,
        placement: 'bottomRight',
        duration: seconds,
        onClose: () => ofChanges.delete(key),
        actions: (
          <Space wrap>
            {choices.map(({ label, act }, index) => (
              <Button
                key={label}
                type={index === 0 ? 'primary' : 'default'}
                size="small"
                onClick={() => {
                  notification.destroy(key)
                  act()
                }}
              >
                {label}
              </Button>
            ))}
          </Space>
        ),
      })
    }
    return {
      tell: (text) => void message.success(<Words text={text} />),
      refuse: (text) => void message.error(<Words text={text} />, SECONDS),
      warn: (text) => void message.warning(<Words text={text} />, SECONDS),
      choose: (text, choices) => choose(text, choices, false),
      offer: (text, label, act) => choose(text, [{ label, act }], SECONDS * 2),
      offerAny: (text, choices) => choose(text, choices, SECONDS * 2),
      keep: (text, label, act) => choose(text, [{ label, act }], false),
      forget: () => {
        message.destroy()
        ofChanges.forEach((key) => notification.destroy(key))
        ofChanges.clear()
      },
    }
  }, [message, notification])
}
