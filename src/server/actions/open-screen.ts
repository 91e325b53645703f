import { knowsLimits, type Who } from '../access/who'
import { inHallOfLink } from '../db/in-hall'
import { liveProps } from '../live/props'
import { ownHall } from '../services/halls'
import { existingLinks, openedBy, theOne, type Screen } from '../services/links'
import { findRun } from '../services/runs'

/** Everything that a page behind a link shows first; `address` is where it hears of what happens. */
export const openScreen = (token: string, screen: Screen, address: string, who?: Who) =>
  inHallOfLink(token, async (hall) => {
    const link = await openedBy(hall, token, screen)
    const run = await findRun(hall, link.runId)
    const [wall] = await existingLinks(hall, run, 'wall', [theOne])
    const demo = (await ownHall(hall)).stage === 'demo'
    return { link, run, wallToken: wall?.token ?? '', demo, live: await liveProps(hall, link, run, address, knowsLimits(who, hall.hallId)) }
  })
