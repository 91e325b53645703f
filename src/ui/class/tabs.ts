export const classTabs = ['shape', 'people', 'rotation', 'room', 'gear', 'brief', 'run', 'log'] as const
export type ClassTab = (typeof classTabs)[number]

export const tabNames: Record<ClassTab, string> = {
  shape: 'Shape',
  people: 'People',
  rotation: 'Rotation',
  room: 'Room',
  gear: 'Gear',
  brief: 'Brief',
  run: 'Run',
  log: 'Log',
}
