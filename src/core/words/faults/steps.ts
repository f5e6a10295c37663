import { STEP_FACTS, type StepFacts, type StepId } from '../../faults/steps';

/** A step as it is told: what it is called, what to do, and what it may show. */
export interface StepWords {
  title: string;
  how: readonly string[];
  /** Instead, on a bike without a derailleur. */
  otherwise?: readonly string[];
  /** What could hurt here. */
  caution?: string;
}

export const STEP_WORDS: Readonly<Record<StepId, StepWords>> = {
  'four things': {
    title: 'First what could throw you',
    how: [
      'Quick link, if the chain has one: both plates are flush, and both pins stand at the end of their slots.',
      'Pins: none stands out further than its neighbours. Turn the cranks slowly by hand until the whole chain has gone by.',
      'Wheels: shake each rim sideways; the axle is tight and nothing knocks.',
      'Brakes: pull each lever hard. It holds, and does not reach the bar.',
    ],
    caution:
      'If one of these is not right, do not ride. What you cannot put right yourself is for a workshop.',
  },
  'see the way': {
    title: 'Follow the chain with your eye',
    how: [
      'From ring to cogs it runs inside the frame, and past the small tab in the jockey cage on the side of the wheels.',
      'Between the jockey wheels it is a straight line and touches nothing.',
      'If the chain runs one way only, its markings look outwards.',
    ],
    otherwise: [
      'From ring to cog it runs inside the frame and touches nothing, in one straight line from above.',
      'If the chain runs one way only, its markings look outwards.',
    ],
  },
  'press the link': {
    title: 'Look closely at the quick link',
    how: [
      'Bring it to the upper run and look at it from both sides: seated, and the right way round if it has an arrow.',
      'Hold the rear brake and press the pedal down: a link that was not quite shut snaps home.',
    ],
    caution:
      'A link that opens by hand, or a single-use link that was opened before, is replaced, not ridden.',
  },
  'bend each link': {
    title: 'Find a stiff link',
    how: [
      'Shift to the largest cog at the rear, so that the chain bends most. Turn the cranks back slowly.',
      'Watch the chain leave the lower jockey wheel: a stiff link keeps its bend and lifts the cage.',
      'Look at its pin too: it stands as far out as the others on both sides.',
    ],
    otherwise: [
      'Turn the cranks slowly and watch the chain leave the rear cog: a stiff link stays bent and jumps.',
      'Look at its pin too: it stands as far out as the others on both sides.',
    ],
    caution: 'Turn by the pedal and keep fingers out of chain and cogs.',
  },
  'hold the wheel': {
    title: 'Shake the wheels',
    how: [
      'Hold the frame, push each rim from side to side. Nothing knocks; skewer, axle or nuts are tight.',
    ],
    caution: 'Close a loose wheel before anything else, then brake and pull at it to prove it.',
  },
  'spin the wheel': {
    title: 'Lift the wheel and spin it',
    how: [
      'Spin it forward without turning the cranks, and listen at the brake: rubbing once a turn or all round?',
      'Then listen at the hub: where it freewheels it ticks evenly, and nothing grinds or squeals.',
    ],
    caution: 'A rotor cuts, and is hot after braking. Keep fingers out of rotor and spokes.',
  },
  'brake and listen': {
    title: 'Brake gently and listen',
    how: [
      'At walking pace brake with one brake, then with the other. Which one makes the noise, and does it bite?',
    ],
    caution:
      'Brakes that squeal since oil or spray came near may hold badly. Do not open a hydraulic brake.',
  },
  'flick the jockey wheels': {
    title: 'Turn the jockey wheels with a finger',
    how: [
      'Lift the chain off each with a stick, or slacken it, and flick the wheel: it turns freely and in silence.',
      'Look between its teeth for packed dirt. A little play sideways is normal, most of all in the upper one.',
    ],
    caution: 'Do it only while the cranks stand still.',
  },
  'rag on the chain': {
    title: 'A clean rag round the chain',
    how: [
      'Crank still: hold it round the lower run, pull it along a hand’s width and look: black and gritty, grey, red-brown, sticky, or nearly nothing?',
      'Then feel a link: oil should leave a light film, wax feels dry and smooth.',
    ],
  },
  'look at the cogs': {
    title: 'Look at rings and cogs',
    how: [
      'Is dirt packed hard between the cogs, behind the rings, or in the gaps of a narrow-wide ring?',
      'Is a tooth bent, chipped, hooked like a wave, or sharp?',
    ],
    caution: 'Teeth are sharp; turn by the pedal and look only while they stand still.',
  },
  'measure the chain': {
    title: 'Measure the chain',
    how: [
      'Lay a chain checker or a ruler on the lower run, in two places. The limit stands on the chain’s page, under Book, Garage.',
    ],
  },
  'swap the cog': {
    title: 'Try a cog you hardly ride',
    how: [
      'With the same push on a cog that sees little use: does it skip there too? If not, the cogs you ride most are worn.',
    ],
    caution:
      'On an empty road, seated, pushing slowly: a skipping chain throws a rider who stands up.',
  },
  'both ends of the gears': {
    title: 'Shift to both ends',
    how: [
      'On the stand, shift gently to the largest cog and ring. The cage must not be pulled straight. Then shift to the smallest of both. The lower run must not hang.',
      'On the smallest cog the chain must not fall towards the frame. On the largest the cage must stay clear of the spokes.',
    ],
    caution:
      'If the chain grows tight before the last gear, stop there: forced on, it tears off the derailleur.',
  },
  'feel the slack': {
    title: 'Feel the slack of the chain',
    how: [
      'Press the lower run up and down half way between ring and cog, cranks still. About a finger’s width in all is usual: 10 to 15 mm.',
      'Do it again at four places of a turn: rings are seldom quite round. The tightest must still give.',
    ],
    caution:
      'On a fixed wheel turn the cranks by the pedal only: the chain takes a finger with it.',
  },
  'look at the front cage': {
    title: 'Look into the front cage',
    how: [
      'Turn the cranks in the gears that rub and look from above: which plate does the chain touch?',
    ],
  },
  'hang and rock': {
    title: 'Rock cranks and pedals',
    how: [
      'Rock each crank towards the frame and away. Is there play? Turn each pedal. Does it run smoothly, without play?',
      'Ride once seated and once standing, then pushing with one foot. When is it gone?',
    ],
  },
  'turn the barrel': {
    title: 'Set the shifting by the barrel',
    how: [
      'On the stand, shift to a middle cog. Turn the barrel at derailleur or lever by a quarter turn, turn the cranks, listen.',
      'If it climbs slowly to larger cogs, turn it out; if it drops slowly, turn it in. Electronic shifting has its own trim.',
    ],
    caution:
      'Where the hanger is bent the barrel cannot help: a workshop straightens it, before it comes near the spokes.',
  },
  'wipe and lube': {
    title: 'Wipe, lube, wipe',
    how: [
      'A top-up as at the bench: wipe the outside, one small drop a roller, run it in, wait, wipe. Then ride a kilometre.',
    ],
  },
  'clean on the bike': {
    title: 'Clean it on the bike',
    how: [
      'The bench leads you through it: chain, cogs, rings and jockey wheels, rinse, dry, lube.',
    ],
    otherwise: ['The bench leads you through it: chain, cog and ring, rinse, dry, lube.'],
  },
  'scrape the jockey wheels': {
    title: 'Scrape the jockey wheels',
    how: [
      'Hold a wooden stick or plastic scraper against each side while turning slowly backwards, then wipe.',
    ],
    caution: 'Use the stick near what turns, never a finger.',
  },
  'oil the jockey bearings': {
    title: 'A drop of oil for the jockey wheels',
    how: [
      'Put a little thin oil on each side of the bush, turn the wheel by hand, and wipe off the rest.',
      'If it stays rough: one wheel at a time off its bolt, cleaned, greased, and back as it was, upper and lower not exchanged.',
    ],
    caution: 'Bolts in the cage are small: tighten to the figure on them or in the maker’s sheet.',
  },
  'tighten the crank side': {
    title: 'Check what is bolted at the front',
    how: [
      'Tighten pedals, crank bolts and ring bolts with a torque wrench, to the maker’s figures. The left pedal has a left-hand thread.',
      'Clean and grease the pedal threads while they are out. Seat post and saddle clamp creak alike: check them too.',
    ],
    caution:
      'On carbon and hollow parts use only the maker’s torque and paste. Play in the bottom bracket is for a workshop.',
  },
  'ride and listen': {
    title: 'Ride on and listen',
    how: [
      'Ride twenty to thirty kilometres as usual. New chains, fresh wax and lube that has not set grow quiet by themselves.',
    ],
    caution: 'Ride only when the first four things are right.',
  },
};

/** How long a step takes and what it needs. */
export function minutesText(step: StepId): string {
  const { minutes, tools, kind } = STEP_FACTS[step] as StepFacts;
  const long = minutes < 1 ? 'Half a minute' : `About ${Math.round(minutes)} min`;
  const needs = tools ? `, with ${tools.join(' and ')}` : '';
  return `${kind === 'look' ? 'To look at' : 'To put right'}. ${long}${needs}.`;
}
