import type { Said } from './said';

export const batteryOut = (derailleur: boolean): Said => ({
  what: 'Switch the motor off and take the battery out.',
  why: `So it can’t start while your fingers are in there.${derailleur ? ' If your gears need this battery, shift to the smallest cog first.' : ''}`,
});

export const SAFE_PLACE: Said = {
  what: 'Get off the road, and lean the bike where it stands firm.',
  why: 'Nobody should work in traffic.',
};

export const gloves = (eyesToo: boolean, outdoors: boolean): Said => ({
  what: eyesToo
    ? `Put on gloves and eye protection${outdoors ? '' : ', and open a window'}.`
    : 'Put on gloves.',
  why: 'Lube and degreaser belong on the chain, not on skin.',
});

export const ROADSIDE_GLOVES: Said = {
  what: 'Put on gloves. A plastic bag over the hand will do.',
  why: 'Black hands end up on bar tape and food.',
};

export const COVER_ROTOR: Said = {
  what: 'Cover the rear rotor and its brake with a shower cap or a bag.',
  why: 'Even a trace of oil ruins the brake. The wheel must not turn until the cover is off again.',
};

export const RINSE_MUD: Said = {
  what: 'Rinse the loose mud off with a soft stream.',
  why: 'Degreaser is for what water leaves behind.',
};

export const RINSE_SALT: Said = {
  what: 'Rinse the chain and cogs with fresh water, with little pressure.',
  why: 'Salt goes on rusting under fresh lube.',
};

export const RINSE_SALT_RAG: Said = {
  what: 'Wipe the chain with a rag wrung out in fresh water.',
  why: 'Salt goes on rusting under fresh lube.',
};

/** How the chain is to lie, by what comes next. */
export type ShiftFor = 'to open' | 'to work' | 'to cross';

const COG: Record<ShiftFor, string> = {
  'to open': 'the smallest cog',
  'to work': 'the smallest cog',
  'to cross': 'the second largest cog',
};

const SHIFT_WHY: Record<ShiftFor, string> = {
  'to open': 'That leaves the chain slack enough to open.',
  'to work': 'The chain lies straight, and its rollers turn most.',
  'to cross': 'Slightly crossed, the links open towards you on top of the cog.',
};

/** Shifting with the rear wheel off the ground: in a stand, or lifted by the saddle. */
export function shift(to: ShiftFor, rings: number, lifted: boolean): Said {
  const ring = rings > 1 ? ` and the ${to === 'to open' ? 'smallest' : 'largest'} ring` : '';
  return {
    what: lifted
      ? `Shift to ${COG[to]}${ring}: lift the rear wheel by the saddle and turn the cranks.`
      : `Shift to ${COG[to]}${ring}, turning the cranks forwards.`,
    why: SHIFT_WHY[to],
  };
}

export const standIn = (
  where: 'stand' | 'upside down' | 'wall',
  hydraulic: boolean,
  driven: boolean,
): Said => ({
  what: {
    stand: 'Hang the bike in the stand. Take lights and bags off.',
    'upside down': 'Turn the bike upside down, on a cloth. Take lights and bags off.',
    wall: 'Lean the bike on a wall, chain side towards you. Take lights and bags off.',
  }[where],
  why: {
    stand: 'The rear wheel must turn freely.',
    'upside down': `The rear wheel must turn freely.${hydraulic ? ' Hydraulic brakes are tested upright afterwards.' : ''}`,
    wall: driven
      ? 'The cranks turn the wheel: see that it cannot roll away.'
      : 'The cranks turn backwards freely; the wheel stays where it is.',
  }[where],
});

export const washBike = (hose: boolean, glossy: boolean, wheelOut: boolean): Said => ({
  what: `Wash the bike from top to bottom${hose ? ' with a soft stream' : ''}: soap on, two minutes, brush, rinse. ${
    wheelOut
      ? 'Then the wheel, standing by itself; chain last.'
      : 'Wheels next, chain and cogs last.'
  }`,
  why: glossy
    ? 'Never point a pressure washer at bearings.'
    : 'Rinse a matt or bare frame at once: degreaser leaves stains on it.',
});

export const FINAL_RINSE: Said = {
  what: 'Rinse the whole bike once more with little pressure, the wheel in.',
  why: 'Soap and degreaser hide where wheel and frame meet.',
};

export const OPEN_RIM_BRAKE: Said = {
  what: 'Open the rear brake’s release or unhook its cable.',
  why: 'The tyre does not fit between the blocks otherwise.',
};

const LOOSEN = {
  'quick release': 'open the lever',
  'thru axle': 'unscrew the axle and draw it out',
  nuts: 'loosen both nuts',
} as const;

/** Taking the rear wheel out: `derailleur` with its clutch, or a chain that hangs slack when the wheel moves forwards. */
export const wheelOut = (
  fixing: keyof typeof LOOSEN,
  derailleur: boolean,
  chainOn: boolean,
  disc: boolean,
): Said => ({
  what: [
    derailleur ? 'If the derailleur has a clutch, switch it off.' : null,
    `Hold the wheel, ${LOOSEN[fixing]},`,
    derailleur
      ? 'pull the derailleur back and take the wheel out.'
      : `push the wheel forwards${chainOn ? ', lift the chain off' : ''} and take it out.`,
  ]
    .filter((part) => part !== null)
    .join(' '),
  why: disc
    ? 'Lean it upright against something. Never lay it on its rotor.'
    : 'Now both sides of the cogs are in reach.',
});

export const KEEPER: Said = {
  what: 'Fix the chain keeper where the wheel was, with the chain round it.',
  why: 'The chain can be turned and brushed without the wheel.',
};

export const KEEPER_OUT: Said = {
  what: 'Take the chain keeper out.',
  why: 'The wheel goes back in its place.',
};
