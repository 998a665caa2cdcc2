import type { RideEvent } from '../../api/schema'
import {
  answeredWords,
  arenaPlaceWords,
  attemptWords,
  causeWords,
  changeWords,
  fallerWords,
  frightenedWords,
  gaitWords,
  insteadWords,
  legWords,
  mannerWords,
  movementWords,
  narrowWords,
  openingWords,
  outcomeWords,
  questionHowWords,
  questionWayWords,
  questionWords,
  reinWords,
  signWords,
  takeOffWords,
  tensionWords,
  travelWords,
} from '../../house/words'

const on = (rein: 'left' | 'right' | 'both') =>
  rein === 'both' ? '' : `, ${reinWords[rein].toLowerCase()} rein`

/** A tap or an entry in a few words. */
export function sayTap(e: RideEvent): string {
  switch (e.kind) {
    case 'ridden':
      return `${gaitWords[e.gait]}${on(e.rein)}: ${e.minutes} min`
    case 'transitions':
      return `${gaitWords[e.from]} to ${e.to}: ${e.count}`
    case 'polesPassed': {
      if (e.clean + e.touched > 1)
        return `Poles${on(e.rein)}: ${e.clean} clean, ${e.touched} touched, ${e.rushed} rushed`
      const how = e.rushed
        ? 'rushed'
        : e.touched
          ? `touched${e.leg ? `, ${legWords[e.leg].toLowerCase()}` : ''}`
          : 'clean'
      return `Poles ${how}${on(e.rein)}`
    }
    case 'efforts':
      return `Fence ${Math.round(e.heightMetres * 100)} cm ${
        e.over ? narrowWords[e.over].toLowerCase() : outcomeWords[e.outcome].toLowerCase()
      }${e.count > 1 ? ` ${e.count}` : ''}${e.leg ? `, ${legWords[e.leg].toLowerCase()}` : ''}${e.element ? `, at ${e.element}` : ''}${on(e.rein)}`
    case 'marked':
      return `Mark ${e.mark}${on(e.rein)}`
    case 'tensionSeen':
      return `Tension: ${tensionWords[e.tension]}`
    case 'exertionSeen':
      return `Exertion ${e.exertion}`
    case 'signSeen':
      return `${signWords[e.sign]}${e.known ? ', old and known' : ''}`
    case 'closingTest':
      return `Closing test ${e.passed ? 'passed' : 'not passed'}`
    case 'noted':
      return `“${e.text}”`
    case 'weatherRead':
      return `${e.temperatureC} °C, ${e.humidityPercent} %${e.simulated ? ' (simulated)' : ''}`
    case 'gaitNow':
      return gaitWords[e.gait]
    case 'reinNow':
      return e.rein === 'both' ? 'Both reins' : `${reinWords[e.rein]} rein`
    case 'partBegun':
      return `Part ${e.part + 1}`
    case 'paused':
      return `Stopped${e.because ? `: ${e.because}` : ''}`
    case 'riderNow':
      return `${e.rider} rides`
    case 'rideEnded':
      return 'Finished'
    case 'jumpTold':
      return [
        e.takeOff && takeOffWords[e.takeOff],
        e.landedOn && `landed ${e.landedOn}`,
        e.changedBeforeTurn && 'changed before the turn',
        e.cause && `cause: ${causeWords[e.cause].toLowerCase()}`,
        e.untidy && 'untidy',
      ]
        .filter(Boolean)
        .join(', ')
    case 'changeRidden':
      return `Change to the ${e.to} ${changeWords[e.quality].toLowerCase()}, ${arenaPlaceWords[e.where].toLowerCase()}`
    case 'stridesCounted':
      return `${e.strides} strides on ${e.metres} m${e.planned === null ? '' : ` (planned ${e.planned})`}${on(e.rein)}`
    case 'yieldSteps':
      return `Yield from the ${e.awayFrom} leg: ${e.given} of ${e.asked} steps`
    case 'adviceAnswered':
      return `Advice ${e.accepted ? 'taken' : 'left for now'}`
    case 'stands':
      return e.instead ? `Instead: ${insteadWords[e.instead].toLowerCase()}` : 'Rebuilt'
    case 'nextToDo':
      return `Next: “${e.text}”`
    case 'legTouched':
      return `${legWords[e.leg]} touched ${e.count}`
    case 'fell':
      return `Fall: ${fallerWords[e.who].toLowerCase()}${e.head ? ', knock to the head' : ''}`
    case 'attempted':
      return [
        movementWords[e.movement],
        e.side && e.side !== 'both' && e.side,
        (e.word ? attemptWords[e.word] : answeredWords[e.answered]).toLowerCase(),
        e.steps && `${e.steps} steps`,
      ]
        .filter(Boolean)
        .join(', ')
    case 'seriesRidden':
      return `${e.planned} every ${e.every}: ${
        e.missedAt
          ? `missed at ${e.missedAt}`
          : e.lateBehind
            ? `late behind ${e.lateBehind}, ${e.late} times`
            : 'whole'
      }`
    case 'moreTold':
      return [
        e.side && e.side !== 'both' && `${e.side} side`,
        e.where && arenaPlaceWords[e.where].toLowerCase(),
        e.of && `of the ${frightenedWords[e.of].toLowerCase()}`,
        e.mine && 'mine',
        e.later && 'later',
      ]
        .filter(Boolean)
        .join(', ')
    case 'askedAgain':
      return `Asked again: ${answeredWords[e.answered].toLowerCase()}`
    case 'questionRidden':
      return `${questionWords[e.question]} ${questionWayWords[e.way].toLowerCase()}: ${questionHowWords[e.how].toLowerCase()}`
    case 'travelled':
      return `Between fences: ${travelWords[e.how].toLowerCase()}`
    case 'mannerNow':
      return `${mannerWords[e.manner]}${e.ledFrom ? `, from the ${e.ledFrom}` : ''}`
    case 'tackLooked':
      return e.asLastTime ? 'Tack as last time' : `Tack looked at${e.hole ? `, hole ${e.hole}` : ''}`
    case 'testAnswered':
      return `${openingWords[e.test]} ${e.passed ? 'Yes' : 'Not yet'}`
    case 'takenBack':
      return 'Taken back'
  }
}
