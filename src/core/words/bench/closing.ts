import type { Bike, Chain } from '../../records/garage';
import { pullRun, type Lies, type Moving, type Said } from './said';

/** A look: what to look at is its question too. */
export interface LookSaid extends Said {
  failWhy: string;
}

export const listen = (gear: Bike['gear'], shifted: boolean, moving: Moving): LookSaid => ({
  what: `${moving === 'rolling' ? 'Roll the bike' : 'Turn the cranks'} and listen. Does it run quietly and freely?`,
  why:
    gear === 'derailleur' && !shifted
      ? 'On the first metres of your next ride, shift once through all gears. That spreads enough; don’t oil the cogs.'
      : 'A quiet bike is how you know that all is well.',
  failWhy: 'Turn slowly and look where it comes from. “Trouble” below helps with a stiff link.',
});

/** Laying the open chain in, before anything is closed. */
export const layIn = ({
  gear,
  rings,
  narrowWide,
}: Pick<Bike, 'gear' | 'rings' | 'narrowWide'>): Said => {
  const wide = narrowWide ? ' On this ring an outer link lies on each wide tooth.' : '';
  return gear === 'derailleur'
    ? {
        what: `Lay the chain over the smallest cog, between the jockey wheels, past the chainstay and round the ${
          rings.length > 1 ? 'smallest ' : ''
        }ring.`,
        why: `Do not close it yet: a chain on the wrong side of a tab is put right now, not later.${wide}`,
      }
    : {
        what: 'Lay the chain round the cog, past the chainstay and round the ring, its ends together.',
        why: `Do not close it yet.${wide}`,
      };
};

export const ROUTED: LookSaid = {
  what: 'Look from the side. Does the chain run straight between the jockey wheels and inside the tab of the cage?',
  why: 'On the wrong side it still spins and shifts, so only your eye finds it.',
  failWhy: 'Draw the chain back out of the cage and lay it inside the tab.',
};

export const DIRECTION: LookSaid = {
  what: 'Do the arrow or markings of chain and link show the right way, as their maker says?',
  why: 'This chain or link only fits one way.',
  failWhy: 'Turn the chain or the link round before you close it.',
};

/** Closing, by what closes it. Of a closure that is used once only a new one goes in. */
export function close(closure: Chain['closure'], lies: Lies): Said {
  if (closure === 'connecting pin')
    return {
      what: 'Press the new pin in with the chain tool until both ends stand level, then snap off its guide.',
      why: 'Only a new pin of the chain’s own make holds. Never press an old one back in.',
    };
  const link = {
    'reusable link': 'the quick link',
    'single-use link': 'a new link of the right speeds and make',
    'not known': 'a new link or pin of the chain’s own make',
  }[closure];
  return {
    what: `Join the ends with ${link}, and bring it to ${pullRun(lies)}.`,
    why:
      closure === 'reusable link'
        ? 'If it is curved, the bow faces outwards. Its maker’s word decides.'
        : 'The old one is not used again: it can let go under load.',
  };
}

/** Proving the closure: a link is pulled shut by the pedal, a pin must move freely. */
export function prove(closure: Chain['closure'], handBrake: boolean): LookSaid {
  if (closure === 'not known')
    return {
      what: 'Is the closure seated as its maker says, both ends level and the joint free?',
      why: 'A closure that is half in opens under load.',
      failWhy: 'Close it again. If it does not seat, do not ride: a workshop can see to it.',
    };
  if (closure === 'connecting pin')
    return {
      what: 'Bend the new joint. Does it move as freely as its neighbours, the pin level on both sides?',
      why: 'If it is stiff, bend it sideways a little until it is free.',
      failWhy:
        'Free the joint or set the pin again. If it does not come right, do not ride: a workshop can see to it.',
    };
  return {
    what: `${handBrake ? 'Hold the rear brake' : 'Hold the rear tyre'} and press the pedal forwards. Has the link clicked in, both ends level?`,
    why: 'A link that is half closed opens under load.',
    failWhy: 'Press again. If it does not click in, put in a new link.',
  };
}

export const RIM_BRAKE_CLOSED: LookSaid = {
  what: 'Close the release or hook the cable in. Is the rear brake closed again?',
  why: 'An open brake does not brake.',
  failWhy: 'Close it now.',
};

export const wheelIn = (derailleur: boolean, disc: boolean, lies: Lies): Said => ({
  what: derailleur
    ? 'Pull the derailleur back and put the wheel in, seated on both sides.'
    : 'Put the wheel back in, not yet tight.',
  why: disc
    ? `The rotor goes between the pads${derailleur ? `, and the smallest cog to ${pullRun(lies)}` : ''}.`
    : 'Seated right, it stands in the middle of the frame.',
});

const WHEEL: Record<Bike['wheel'], string> = {
  'quick release':
    'Close the lever with force, pointing where nothing catches it. Is the wheel tight and straight?',
  'thru axle':
    'Screw the axle home, by its lever or a key, as its maker says. Is the wheel tight and straight?',
  nuts: 'Tighten both nuts evenly. Is the wheel tight and straight?',
};

export const wheelTight = (wheel: Bike['wheel']): LookSaid => ({
  what: WHEEL[wheel],
  why: 'A loose wheel comes out.',
  failWhy:
    'Seat it and tighten it again. If it will not hold, do not ride: a workshop can see to it.',
});

export const slacken = (hub: boolean): Said => ({
  what: 'Loosen the rear wheel, or what tightens the chain, and push it forwards until the chain hangs slack.',
  why: `Under tension a chain whips when it opens. Mark where the axle was.${hub ? ' If the gear cable pulls, unhook it first.' : ''}`,
});

export const tension = (coaster: boolean, hub: boolean): LookSaid => ({
  what: `Draw the wheel back and tighten it${coaster ? ', the brake arm fixed too' : ''}${hub ? ', the gear cable hooked in' : ''}. Does the chain move about 10 mm up and down where it is tightest, the wheel straight?`,
  why: 'Tighter, it grinds its bearings; slacker, it comes off.',
  failWhy:
    'Loosen, move the wheel a little, tighten, and turn the cranks once round to find the tightest place.',
});

export const uncover = (alcohol: boolean): Said => ({
  what: alcohol
    ? 'Take the cover off the rotor. If anything touched it, wipe it with alcohol or brake cleaner on a clean rag, the rotor cool.'
    : 'Take the cover off the rotor. If anything touched it, wash it with soapy water, rinse and dry it, the rotor cool.',
  why: 'Oiled pads are replaced, not cleaned.',
});

export const setDown = (from: 'stand' | 'upside down' | 'wall'): Said => ({
  what:
    from === 'stand'
      ? 'Take the bike out of the stand.'
      : from === 'upside down'
        ? 'Turn the bike onto its wheels.'
        : 'Take the bike from the wall.',
  why: 'Lights and bags go back on.',
});

export const BATTERY_IN: Said = {
  what: 'Put the battery back in, dry contacts first, until it locks.',
  why: 'A battery that is not locked falls out on the first bump.',
};

/** What works on the wheel where the work was done. */
export type BrakeAt = 'rotor' | 'rim' | 'hub';

const NOT_YET = 'Do not ride.';

export const brakes = (at: BrakeAt): LookSaid => ({
  what: 'Pull both levers and roll at walking pace. Do both brakes stop you?',
  why:
    at === 'rim'
      ? 'Look at the rims too: oil on them, and the brake slips.'
      : 'Try a brake before the ride, not on it.',
  failWhy: {
    rotor: `${NOT_YET} Clean the rotor, pull the levers a few times and try again.`,
    rim: `${NOT_YET} Wipe the rims with alcohol on a clean rag and try again.`,
    hub: `${NOT_YET} See that the wheel sits right and nothing rubs, and try again.`,
  }[at],
});
export const coasterBrake: LookSaid = {
  what: 'Roll at walking pace and press the pedal backwards. Does the brake stop you, and the other brake too?',
  why: 'Try a brake before the ride, not on it.',
  failWhy: 'Do not ride. Check that the brake arm is fixed to the frame, and try again.',
};
