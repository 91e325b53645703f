import { v4 as uuid } from 'uuid'

/** A device from which a class is controlled: an id that it made for itself, and what it is called. */
export interface Device {
  id: string
  name: string
}

const key = 'vicinor-device'

/** A finger on a small screen is a phone's, on a larger one a tablet's. */
function kindOfDevice(): string {
  if (!matchMedia('(pointer: coarse)').matches) return 'a computer'
  return Math.min(screen.width, screen.height) < 600 ? 'a phone' : 'a tablet'
}

/** This one: the same in all its windows, and after a reload. */
export function thisDevice(): Device {
  const id = localStorage.getItem(key) ?? uuid()
  localStorage.setItem(key, id)
  return { id, name: kindOfDevice() }
}
