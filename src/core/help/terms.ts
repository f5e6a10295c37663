/** A word of the trade, in a sentence or two a rider understands at first reading. */
export interface Term {
  word: string;
  says: string;
  /** A drawing of our own that shows it. */
  drawing?: 'parts' | 'drop' | 'teeth' | 'stiff' | 'ring' | 'way round' | 'rag';
  /** Other words for it, for whoever looks it up. */
  also?: string;
}

/** The glossary. Meanings: common practice. */
export const TERMS = {
  bath: {
    word: 'Bath',
    says: 'The chain is shaken in a jar of degreaser, then the next. Each bath takes out part of what is left, so three small ones do more than one large one.',
    also: 'jar degreaser soak',
  },
  cassette: {
    word: 'Cassette',
    says: 'The cogs on the rear hub, as one block. It wears with the chain, and a worn chain wears it faster.',
    drawing: 'teeth',
    also: 'cog sprocket freewheel',
  },
  chainring: {
    word: 'Chainring',
    says: 'The toothed ring at the crank. It lasts longer than a chain and a cassette.',
    drawing: 'ring',
    also: 'ring crankset',
  },
  checker: {
    word: 'Wear checker',
    says: 'A gauge that is laid into the chain. Where its end drops in, the chain is longer than the figure stamped on that side.',
    also: 'gauge measure elongation stretch',
  },
  coat: {
    word: 'Coat',
    says: 'Lube put on once, from one lubing to the next. It has a life in kilometres, which water and dirt shorten.',
  },
  degreaser: {
    word: 'Degreaser',
    says: 'It dissolves old lube, so that the dirt in it comes out. Keep it off bearings, brakes and skin, and dry the chain before you lube.',
    also: 'solvent cleaner',
  },
  derailleur: {
    word: 'Rear derailleur',
    says: 'It moves the chain from cog to cog and keeps it tight. Its two small wheels are the jockey wheels.',
    drawing: 'way round',
    also: 'mech gear',
  },
  drop: {
    word: 'A drop a roller',
    says: 'One small drop on each roller, on the inside of the lower run, while the crank turns backwards. More only runs off and gathers dirt.',
    drawing: 'drop',
    also: 'dose drip lubing',
  },
  elongation: {
    word: 'Elongation',
    says: 'How much longer a chain has become by wear, in per cent. A pitch of 12.7 mm that has become 12.76 mm is 0.5 % longer.',
    also: 'stretch wear',
  },
  film: {
    word: 'Film',
    says: 'The lube that is still between pins and rollers. It is what the coat is for; what is seen outside only gathers dirt.',
  },
  grit: {
    word: 'Grit',
    says: 'Sand and metal dust in old lube. Inside the rollers it grinds like paste.',
    also: 'dirt paste',
  },
  'hub gear': {
    word: 'Hub gear',
    says: 'Gears inside the rear hub. The chain runs in one line and lasts longer, with one cog and one ring.',
  },
  'inner plate': {
    word: 'Inner and outer plates',
    says: 'The sides of the links. Inner plates carry the rollers; outer plates hold the pins.',
    drawing: 'parts',
    also: 'link side',
  },
  jockey: {
    word: 'Jockey wheels',
    says: 'The two small toothed wheels of the rear derailleur. They gather the most dirt and are cleaned with a chain that is cleaned.',
    drawing: 'way round',
    also: 'pulley',
  },
  'joining link': {
    word: 'Quick link',
    says: 'A link that closes the chain by hand. Some may be opened a few times, some only once. Its maker says which.',
    also: 'joining spare master',
  },
  pin: {
    word: 'Pin',
    says: 'The small axle of each joint. Pins and the holes they turn in wear on each other, and that is how a chain grows longer.',
    drawing: 'parts',
    also: 'rivet',
  },
  rag: {
    word: 'Rag check',
    says: 'A clean rag pulled once over the chain. How dark it comes away says how much dirt is outside.',
    drawing: 'rag',
    also: 'swatch cloth wipe',
  },
  rescue: {
    word: 'Rescue',
    says: 'Drying and lubing a chain right after a soaking, before it rusts. It is no cleaning.',
    also: 'wet rain',
  },
  reserve: {
    word: 'Reserve',
    says: 'The last part of a coat, 15 % of it. We say to lube when it is reached, not when it is gone.',
  },
  roller: {
    word: 'Roller',
    says: 'The small barrel between the inner plates that runs on the teeth. Lube belongs beneath it.',
    drawing: 'parts',
  },
  spread: {
    word: 'Spread',
    says: '“55 to 75 km” means that half of all cases fall between the two. The other half is as often below as above.',
    also: 'range uncertainty',
  },
  'stiff link': {
    word: 'Stiff link',
    says: 'A joint that does not bend freely, from rust or a pin pressed in too tight. It ticks or jumps as it passes the cogs.',
    drawing: 'stiff',
  },
  'top-up': {
    word: 'Top-up',
    says: 'Wipe, lube, let it set, wipe again. It is done between cleanings, when the outside is not black.',
    also: 'lube re-lube',
  },
  wax: {
    word: 'Wax',
    says: 'A dry coat of paraffin, melted in a pot or dripped on. It gathers little dirt and washes off in rain, and it only holds on a chain free of oil.',
    also: 'hot wax immersion pot',
  },
  'wet and dry': {
    word: 'Wet and dry lube',
    says: 'Wet lube is oil that stays through rain and gathers dirt. Dry lube leaves a thin film, stays cleaner and washes off sooner. The names speak of the weather they are for.',
    also: 'oil',
  },
  'wipe after': {
    word: 'Wipe after lubing',
    says: 'Once the lube has crept in, what is outside is wiped off: it does nothing there but hold dirt.',
  },
} as const satisfies Record<string, Term>;

export type TermName = keyof typeof TERMS;

/** The glossary by the alphabet. */
export const termsInOrder = (): [TermName, Term][] =>
  (Object.entries(TERMS) as [TermName, Term][]).sort(([, a], [, b]) =>
    a.word.localeCompare(b.word, 'en'),
  );
