import { memo, type ComponentType } from 'react'
import { lazily } from '../kit/lazily'
import type { ClassTab } from './tabs'

const view = (load: () => Promise<ComponentType>) => ({ load, View: memo(lazily(load, 'This view')) })

/** The view of each tab; its code is fetched when it is first opened, or when a hand comes near. */
export const views: Record<ClassTab, ReturnType<typeof view>> = {
  shape: view(async () => (await import('./shape/ShapeView')).ShapeView),
  people: view(async () => (await import('./people/PeopleView')).PeopleView),
  rotation: view(async () => (await import('./rotation/RotationView')).RotationView),
  room: view(async () => (await import('./room/RoomView')).RoomView),
  gear: view(async () => (await import('./gear/GearView')).GearView),
  brief: view(async () => (await import('./brief/BriefView')).BriefView),
  run: view(async () => (await import('./run/RunView')).RunView),
  log: view(async () => (await import('./log/LogView')).LogView),
}
