import { Box, Button, Switch } from '@mantine/core'
import { everyCircuit } from '@core/plan/every-circuit'
import { formatSeconds } from '@core/base/units'
import { timeOf } from '../../kit/zoned-time'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import styles from './RunView.module.css'
import { DeviceCheck } from './DeviceCheck'
import { WallReach } from './WallReach'
import frame from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** The last look before the room: what will run, when it ends, and what is not ready. */
export function RunView() {
  const { id, computed, document, zone, run, change } = useClass()
  const short = computed.gear.lines.filter((line) => line.short > 0).length
  const { timeline } = computed
  const end = timeline.ok ? timeOf(Date.parse(document.startsAt) + timeline.value.total * 1000, zone) : undefined
  const listed = everyCircuit(document.plan).some(
    (circuit) => circuit.stay.kind === 'task' || circuit.stations.some((station) => station.stay?.kind === 'task'),
  )
  const empty = document.plan.parts
    .flatMap((part) => part.pieces)
    .reduce(
      (sum, piece) =>
        sum + (piece.type === 'circuit' ? piece.stations.filter((station) => !station.rest && station.uses.length === 0).length : 0),
      0,
    )
  const notes = [
    ...computed.problems.map((problem) => ({
      text: problem.message,
      tab: problem.code === 'tooManyGroups' || problem.code === 'overCapacity' ? 'people' : 'shape',
      stops: true,
    })),
    ...(computed.people.length === 0
      ? [{ text: 'Nobody is ticked as here: the wall will show stations without names.', tab: 'people', stops: false }]
      : []),
    ...(empty > 0
      ? [{ text: `${empty} ${empty === 1 ? 'station has' : 'stations have'} no exercise yet.`, tab: 'shape', stops: false }]
      : []),
    ...(short > 0
      ? [{ text: `${short} ${short === 1 ? 'kind or size of gear is' : 'kinds or sizes of gear are'} short.`, tab: 'gear', stops: false }]
      : []),
  ]
  return (
    <>
      <section className={frame.classMain} aria-label="Run">
        <div className={frame.bigLine}>
          <span className={frame.big}>{timeline.ok ? formatSeconds(timeline.value.total) : 'Not yet'}</span>
          {end && (
            <span>
              if it starts at {timeOf(document.startsAt, zone)}, it ends at {end}
            </span>
          )}
        </div>
        {computed.sentences?.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        <Button size="lg" onClick={() => void run()} disabled={notes.some((note) => note.stops)}>
          Run class
        </Button>{' '}
        <Button size="lg" variant="default" component="a" href={`/classes/${id}/rehearsal`} disabled={notes.some((note) => note.stops)}>
          Rehearse it
        </Button>
        <Box component="p" className="second" maw="62ch">
          This opens the controls, with a link for the wall. The clock stands until you press Start; then ten seconds are counted in. What
          is planned now is what runs: changes made here later do not reach a class that is under way.
        </Box>
        <div className={styles.room}>
          <div>
            <DeviceCheck />
          </div>
          <div>
            <WallReach />
          </div>
        </div>
      </section>
      <ClassSide label="Before you start" summary="Before you start">
        <h2>Before you start</h2>
        {notes.map(({ text, tab, stops }) => (
          <div className={kit.note} data-severity={stops ? 'mend' : 'weigh'} key={text}>
            <b>{text}</b>
            <a href={`/classes/${id}/${tab}`}>Go and see</a>
          </div>
        ))}
        {notes.length === 0 && (
          <div className={kit.note} data-severity="fine">
            <b>Everyone has a station, every station its gear</b>
          </div>
        )}
        {listed && (
          <>
            <Switch
              mb="sm"
              label="The wall shows how people stand in self-paced parts"
              checked={document.scores ?? false}
              onChange={({ currentTarget: { checked } }) => change((draft) => void (draft.scores = checked))}
            />
            <Switch
              mb="md"
              label="People tap their own rounds and finish, on their cards"
              checked={document.ownTaps ?? false}
              onChange={({ currentTarget: { checked } }) => change((draft) => void (draft.ownTaps = checked))}
            />
          </>
        )}
        <h2>Safety</h2>
        <p className="second">
          Ask who is new, unwell, pregnant or back from an injury, and offer the easier option first. Floor clear and dry, exits free. Stop
          or ease off when form fails. This does not replace medical advice, your training, or your local rules.
        </p>
      </ClassSide>
    </>
  )
}
