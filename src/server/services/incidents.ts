import { desc, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { Incident } from '../../core/access/incident'
import { incidents } from '../db/accounts'
import type { InHall } from '../db/in-hall'
import { audit } from './audit'

export interface ToldIncident {
  id: string
  at: Date
  byName: string
  document: Incident
}

export async function tellIncident(hall: InHall, incident: Incident): Promise<void> {
  const { hallId, tx, by } = hall
  await tx.insert(incidents).values({ hallId, id: nanoid(12), byName: by?.name ?? '', document: incident })
  await audit(hall, 'incidentTold')
}

/** The latest first. */
export const incidentsTold = ({ hallId, tx }: InHall): Promise<ToldIncident[]> =>
  tx
    .select({ id: incidents.id, at: incidents.at, byName: incidents.byName, document: incidents.document })
    .from(incidents)
    .where(eq(incidents.hallId, hallId))
    .orderBy(desc(incidents.at))
    .limit(500)
