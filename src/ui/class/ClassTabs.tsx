import { useClass } from './shared/context'
import { classTabs, tabNames, type ClassTab } from './tabs'
import styles from './class.module.css'
import kit from '../kit/kit.module.css'

/** The tabs of the class, with how much there is to mend in them. */
export function ClassTabs({ open, onNear }: { open: ClassTab; onNear: (tab: ClassTab) => void }) {
  const { id, computed } = useClass()
  const toMend: Partial<Record<ClassTab, number>> = {
    gear: computed.gear.lines.filter((line) => line.short > 0).length,
    rotation: computed.rotations.filter(({ rotation }) => !rotation.ok).length,
  }
  return (
    <nav className={styles.classTabs} aria-label="Class">
      {classTabs.map((tab) => (
        <a
          key={tab}
          href={`/classes/${id}/${tab}`}
          aria-current={tab === open ? 'page' : undefined}
          onPointerEnter={() => onNear(tab)}
          onFocus={() => onNear(tab)}
        >
          {tabNames[tab]}
          {(toMend[tab] ?? 0) > 0 && (
            <span className={kit.badgeCount} aria-label={`${toMend[tab]} ${toMend[tab] === 1 ? 'problem' : 'problems'}`}>
              {toMend[tab]}
            </span>
          )}
        </a>
      ))}
    </nav>
  )
}
