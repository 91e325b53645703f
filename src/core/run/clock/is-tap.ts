/** Whether somebody has tapped, or taken a tap back. */
export const isTap = <Any extends { type: string }>(command: Any): command is Extract<Any, { type: 'tap' | 'untap' }> =>
  command.type === 'tap' || command.type === 'untap'
