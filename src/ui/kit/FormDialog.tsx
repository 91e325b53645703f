import { Button, Modal, type ModalProps } from '@mantine/core'
import { useUnsaved } from './unsaved'
import { useFocusBack } from './use-focus-back'
import { createContext, useContext, useState, type ReactNode } from 'react'
import kit from './kit.module.css'

interface FormDialogProps extends Omit<ModalProps, 'opened' | 'onClose' | 'children'> {
  opened?: boolean
  /** Whether something stands in it that is stored nowhere. */
  dirty: boolean
  onClose: () => void
  children: ReactNode
}

const Close = createContext<() => void>(() => {})

/** Closes the form that it stands in. */
export function GiveUp() {
  return (
    <Button variant="default" onClick={useContext(Close)}>
      Cancel
    </Button>
  )
}

/** A dialog with a form: Esc, the cross and Give up close it at once while nothing was typed, and ask before they discard what was. */
export function FormDialog({ opened = true, dirty, onClose, children, ...modal }: FormDialogProps) {
  const [asked, setAsked] = useState(false)
  useFocusBack()
  useUnsaved(opened && dirty)
  const asks = asked && dirty
  // Pressed again, it is the question that goes away.
  const close = () => (dirty ? setAsked(!asks) : onClose())
  const discard = () => {
    setAsked(false)
    onClose()
  }
  return (
    <Modal {...modal} opened={opened} onClose={close} closeOnClickOutside={false}>
      <Close.Provider value={close}>{children}</Close.Provider>
      {asks && (
        <div className={kit.dialogAsks} role="alertdialog" aria-label="Discard what you typed?">
          <b>What you typed is not saved yet.</b>
          <Button variant="default" onClick={discard}>
            Discard it
          </Button>
          <Button autoFocus onClick={() => setAsked(false)}>
            Keep typing
          </Button>
        </div>
      )}
    </Modal>
  )
}
