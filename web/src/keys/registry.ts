/** Where a key holds. */
export type Scope = 'everywhere' | 'lists' | 'day' | 'findings' | 'exercises' | 'block' | 'floor' | 'review'

interface Key {
  scope: Scope
  /** As the key package reads it: steps of a sequence parted by spaces, held keys joined by +. */
  press: readonly string[]
  /** As the list and the tooltips show it. */
  shown: string
  what: string
}

const rows = {
  openStation: {
    scope: 'everywhere',
    press: ['g 1', 'g 2', 'g 3', 'g 4', 'g 5', 'g 6', 'g 7', 'g 8'],
    shown: 'g then 1 to 8',
    what: 'open Intake, Screen, Findings, Levers, Exercises, Block, Floor, Review',
  },
  openClients: { scope: 'everywhere', press: ['g c'], shown: 'g then c', what: 'all clients at a glance' },
  openDay: { scope: 'everywhere', press: ['g h'], shown: 'g then h', what: 'the day' },
  search: { scope: 'everywhere', press: ['/'], shown: '/', what: 'find a client, a station or an exercise' },
  listKeys: { scope: 'everywhere', press: ['?', 'Shift+?'], shown: '?', what: 'this list' },
  next: { scope: 'lists', press: ['j', 'ArrowDown'], shown: 'j or down', what: 'to the next row' },
  previous: { scope: 'lists', press: ['k', 'ArrowUp'], shown: 'k or up', what: 'to the row before' },
  shownBefore: { scope: 'day', press: ['['], shown: '[', what: 'the day before' },
  shownAfter: { scope: 'day', press: [']'], shown: ']', what: 'the day after' },
  accept: { scope: 'findings', press: ['.'], shown: '.', what: 'accept the finding' },
  reject: { scope: 'findings', press: ['x'], shown: 'x', what: 'reject it, with a reason' },
  unsay: { scope: 'findings', press: ['u'], shown: 'u', what: 'undo what you said of it' },
  pin: { scope: 'exercises', press: ['.'], shown: '.', what: 'pin the exercise' },
  takeOut: { scope: 'exercises', press: ['x'], shown: 'x', what: 'look at the week without it' },
  undoPick: { scope: 'exercises', press: ['u'], shown: 'u', what: 'undo' },
  takeSwap: { scope: 'exercises', press: ['Enter'], shown: 'Enter', what: 'look at a swap, then take it' },
  leaveSwap: { scope: 'exercises', press: ['Escape'], shown: 'Escape', what: 'leave it' },
  moveInGrid: {
    scope: 'block',
    press: ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End', 'j', 'k'],
    shown: 'arrows',
    what: 'from cell to cell',
  },
  openFloor: { scope: 'block', press: ['Enter'], shown: 'Enter', what: 'open the session on the floor' },
  typeNumber: {
    scope: 'block',
    press: ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: '0 to 9',
    what: 'type into the cell; Enter goes down, Tab right, Escape leaves it',
  },
  editCell: { scope: 'block', press: ['e', 'F2'], shown: 'e', what: 'change what stands in the cell' },
  fieldBefore: { scope: 'block', press: ['['], shown: '[', what: 'choose what a typed number changes' },
  fieldAfter: { scope: 'block', press: [']'], shown: ']', what: 'the same, onward' },
  fillRight: { scope: 'block', press: ['f'], shown: 'f', what: 'fill to the right' },
  copySession: { scope: 'block', press: ['c'], shown: 'c', what: 'copy the session' },
  pasteSession: { scope: 'block', press: ['v'], shown: 'v', what: 'paste it where the focus is' },
  removeExercise: { scope: 'block', press: ['x', 'Delete'], shown: 'x', what: 'take the exercise out' },
  addExercise: { scope: 'block', press: ['a'], shown: 'a', what: 'add an exercise' },
  undo: { scope: 'block', press: ['u', 'Control+z', 'Meta+z'], shown: 'u or Ctrl Z', what: 'undo' },
  redo: {
    scope: 'block',
    press: ['r', 'Control+Shift+z', 'Meta+Shift+z', 'Control+y', 'Meta+y'],
    shown: 'r or Ctrl Shift Z',
    what: 'redo',
  },
  earlier: { scope: 'block', press: ['Alt+ArrowUp'], shown: 'Alt up', what: 'move the exercise up' },
  later: { scope: 'block', press: ['Alt+ArrowDown'], shown: 'Alt down', what: 'move it down' },
  dayBefore: { scope: 'block', press: ['Alt+Shift+ArrowUp'], shown: 'Alt Shift up', what: 'move the session a day back' },
  dayAfter: { scope: 'block', press: ['Alt+Shift+ArrowDown'], shown: 'Alt Shift down', what: 'move it a day on' },
  foldPanel: { scope: 'block', press: ['p'], shown: 'p', what: 'fold the panel' },
  wholeBecause: { scope: 'block', press: ['b'], shown: 'b', what: 'the whole because' },
  logAtRpe: {
    scope: 'floor',
    press: ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: '5 to 9, 0',
    what: 'log the set at that RPE, 0 is 10; of a drill, how many were clean',
  },
  logUnrated: { scope: 'floor', press: ['Enter'], shown: 'Enter', what: 'log the set without a rating; tick a warm-up; felt; fast' },
  heavier: { scope: 'floor', press: ['ArrowUp'], shown: 'up', what: 'the next load up' },
  lighter: { scope: 'floor', press: ['ArrowDown'], shown: 'down', what: 'the next load down' },
  moreReps: { scope: 'floor', press: ['ArrowRight'], shown: 'right', what: 'a repetition more, or 5 seconds, or 5 metres' },
  fewerReps: { scope: 'floor', press: ['ArrowLeft'], shown: 'left', what: 'the same, less' },
  floorClock: { scope: 'floor', press: ['Space'], shown: 'space', what: 'start and stop the clock of a hold or a way' },
  floorNo: { scope: 'floor', press: ['n'], shown: 'n', what: 'not felt yet, or slowing down' },
  nextLifter: { scope: 'floor', press: ['.'], shown: '.', what: 'of several lifters, open who is next' },
  answer: { scope: 'review', press: ['.'], shown: '.', what: 'do what is proposed, or open where it is done' },
  putOff: { scope: 'review', press: ['x'], shown: 'x', what: 'put it off for a week' },
  takeBackAnswer: { scope: 'review', press: ['u'], shown: 'u', what: 'take the last answer back' },
  undoSet: { scope: 'floor', press: ['u'], shown: 'u', what: 'undo the last set' },
} as const satisfies Record<string, Key>

export type KeyId = keyof typeof rows

/** Every key of the page: what is pressed, where it holds, what it does. What acts on one is bound by its id. */
export const registry: Readonly<Record<KeyId, Key>> = rows

/** What a button shows of its key. */
export function keyHint(id: KeyId): { title: string; 'aria-keyshortcuts': string } {
  return {
    title: `Key: ${registry[id].shown}`,
    'aria-keyshortcuts': registry[id].press.join(' '),
  }
}

export const scopeNames: Readonly<Record<Scope, string>> = {
  everywhere: 'Everywhere',
  lists: 'In a list that has the focus',
  day: 'On the day',
  findings: 'In Findings',
  exercises: 'In Exercises',
  block: 'In the block',
  floor: 'On the floor',
  review: 'In what waits, on the day and in Review',
}
