import {
  Accessibility,
  AutoScroller,
  Cursor,
  DragDropManager,
  Droppable,
  Feedback,
  KeyboardSensor,
  PointerSensor,
  PreventSelection,
  type DragDropManagerInput,
  type DragEndEvent,
} from '@dnd-kit/dom'
import { isSortable, Sortable, SortableKeyboardPlugin } from '@dnd-kit/dom/sortable'

/** Where a block is put: at which place of which section. */
export interface Spot {
  readonly section: string
  readonly at: number
}

/** A block that can be picked up: its place, the figure others are put beside, and the hold it is picked up by. */
export interface Movable extends Spot {
  readonly id: string
  readonly name: string
  readonly figure: Element
  readonly hold: Element
}

/** The blocks of a page that are moved by pointer or keys; whatever is added returns how to take it out again. */
export interface Moving {
  readonly addBlock: (block: Movable) => () => void
  /** Behind the heading of a section a block comes first in it. */
  readonly addHeading: (section: string, name: string, heading: Element) => () => void
  readonly stop: () => void
}

type Operation = DragEndEvent['operation']

/** What is under the block that is being moved, and whether it would come behind that. */
interface Target extends Spot {
  readonly element: Element
  readonly isBehind: boolean
}

function targetOf({ source, target, position, activatorEvent }: Operation): Target | null {
  const element = target?.element
  if (!isSortable(source) || !element || target.id === source.id) return null
  if (!isSortable(target)) return { element, section: String(target.id), at: 0, isBehind: true }
  const { group, index } = target
  const isSameSection = group === source.group
  const { top, height } = element.getBoundingClientRect()
  // The pointer chooses between the two ends of a block; keys take the place of the block they come to.
  const isBehind =
    activatorEvent instanceof KeyboardEvent
      ? isSameSection && source.index < index
      : position.current.y > top + height / 2
  const at = index + (isBehind ? 1 : 0) - (isSameSection && source.index < index ? 1 : 0)
  return { element, section: String(group), at, isBehind }
}

function nameOf(part: Operation['source'] | Operation['target']): string {
  return String(part?.data.name)
}

function told(operation: Operation): string {
  const target = targetOf(operation)
  return target
    ? `${nameOf(operation.source)} would come ${target.isBehind ? 'behind' : 'before'} ${nameOf(operation.target)}.`
    : `${nameOf(operation.source)} would stay where it is.`
}

/** Only the hold follows the pointer: a copy of a whole grid or chart would hide where it is put. */
const HOLD_MOVES = [SortableKeyboardPlugin, Feedback.configure({ feedback: 'move', dropAnimation: null })]

/** Moving blocks with dnd-kit: `put` is told where a block was put down, where that is another place. */
export function moving(put: (block: string, spot: Spot) => void): Moving {
  let marked: Element | null = null
  const spoken: NonNullable<ConstructorParameters<typeof Accessibility>[1]> = {
    screenReaderInstructions: {
      draggable: 'Space picks the block up, the arrow keys move it, Space puts it down, Esc leaves it where it was.',
    },
    announcements: {
      dragstart: ({ operation }) => `${nameOf(operation.source)} is picked up.`,
      // Over itself before it was anywhere else, it has just been picked up, which is what is said then.
      dragover: ({ operation }) => (targetOf(operation) || marked ? told(operation) : undefined),
      dragend: ({ operation, canceled }) =>
        canceled || !targetOf(operation)
          ? `${nameOf(operation.source)} stays where it was.`
          : told(operation).replace('would come', 'stands'),
    },
  }
  const input: DragDropManagerInput = {
    plugins: [{ plugin: Accessibility, options: spoken }, AutoScroller, Cursor, Feedback, PreventSelection],
    sensors: [PointerSensor, KeyboardSensor],
  }
  const manager = new DragDropManager(input)
  const mark = (target: Target | null) => {
    marked?.removeAttribute('data-drop')
    marked = target?.element ?? null
    marked?.setAttribute('data-drop', target?.isBehind ? 'behind' : 'before')
  }
  manager.monitor.addEventListener('dragmove', () => mark(targetOf(manager.dragOperation)))
  manager.monitor.addEventListener('dragover', () => mark(targetOf(manager.dragOperation)))
  manager.monitor.addEventListener('dragend', ({ operation, canceled }) => {
    const target = targetOf(operation)
    mark(null)
    const { source } = operation
    if (canceled || !target || !isSortable(source)) return
    if (target.section === source.group && target.at === source.index) return
    put(String(source.id), { section: target.section, at: target.at })
  })
  return {
    addBlock: ({ id, name, section, at, figure, hold }) => {
      const sortable = new Sortable(
        { id, data: { name }, group: section, index: at, element: figure, transition: null, plugins: HOLD_MOVES },
        manager,
      )
      sortable.source = hold
      return sortable.destroy
    },
    addHeading: (id, name, heading) => {
      const droppable = new Droppable({ id, data: { name }, element: heading }, manager)
      return () => droppable.destroy()
    },
    stop: () => manager.destroy(),
  }
}
