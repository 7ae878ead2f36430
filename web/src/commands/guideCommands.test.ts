import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Notices } from '../worksheet/useNotices'
import { algebraCommands } from './algebraCommands'
import { cellCommands } from './cellCommands'
import { chartCommands } from './chartCommands'
import { lineCommands } from './lineCommands'
import { lots, openPage, sectionOf } from './page.fixture'
import { pageCommands } from './pageCommands'
import { viewCommands } from './viewCommands'

const { open } = openPage([sectionOf('first', lots)])
const nothing = () => undefined
const notices: Notices = {
  tell: nothing,
  warn: nothing,
  refuse: nothing,
  offer: nothing,
  keep: nothing,
  offerAny: nothing,
  choose: nothing,
  forget: nothing,
}
const commands = [
  ...cellCommands(open, nothing, notices, nothing),
  ...algebraCommands(open, nothing),
  ...lineCommands(open),
  ...pageCommands(open),
  ...chartCommands(open),
  ...viewCommands(open, nothing, nothing),
]

/** Id and title of each line; a title with a comma stands between quotes. */
const lines = [
  ...readFileSync('../core/src/main/resources/app/logismos/guide/commands.csv', 'utf8').matchAll(
    /^([a-z-]+),(?:"([^"]*)"|([^,]*)),/gm,
  ),
].map(([, id = '', quoted, plain]) => [id, quoted ?? plain ?? ''] as const)

/** Settings of charts are commands too, and are found on their own. */
const known = new Map(commands.map(({ id, says }) => [id, says.replace(/ …$/, '')]))

test.each(lines)('the guide knows the command %s as the page does: %s', (id, says) => {
  expect(known.get(id)).toBe(says)
})

test.each(commands.filter(({ id }) => !/^(chart-|finder|guide|redo-too)/.test(id)).map(({ id }) => id))(
  'the command %s is found by the guide',
  (id) => {
    expect(lines.map(([name]) => name)).toContain(id)
  },
)
