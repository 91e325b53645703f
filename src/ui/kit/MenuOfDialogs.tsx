import { Menu, type MenuProps } from '@mantine/core'
import type { ReactElement, ReactNode } from 'react'

interface MenuOfDialogsProps extends Pick<MenuProps, 'position'> {
  target: ReactElement
  /** Whether a dialog that was opened from it stands in its place. */
  behind: boolean
  onClose: () => void
  children: ReactNode
}

/** A menu that is open as soon as it is there. An item with `data-opens` opens a dialog, for which the menu makes way; others end it. */
export function MenuOfDialogs({ target, position = 'bottom', behind, onClose, children }: MenuOfDialogsProps) {
  return (
    <Menu position={position} withinPortal opened={!behind} onClose={() => !behind && onClose()} closeOnItemClick={false} returnFocus>
      <Menu.Target>{target}</Menu.Target>
      <Menu.Dropdown onClick={(event) => (event.target as Element).closest('[data-opens]') === null && onClose()}>{children}</Menu.Dropdown>
    </Menu>
  )
}
