import { demoLogbook } from '@/core/demo/scenario';
import type { Logbook } from '@/core/logbook/logbook';

/** The demo with eight products that go on a chain: one of each class, and a pot for the wax. */
export function eightLubes(now: number): Logbook {
  const demo = demoLogbook(now, 'Europe/London');
  const { products } = demo.garage;
  const model = Object.values(products).find((p) => p.lubeClass === 'wet');
  if (!model) throw new Error('The demo has a wet lube.');
  const more = (['heavy wet', 'hot wax', 'plant-based', 'light oil'] as const).map((lubeClass) => ({
    ...model,
    id: `more ${lubeClass}`,
    name: `House ${lubeClass}`,
    lubeClass,
  }));
  const { workshop } = demo.settings;
  return {
    ...demo,
    garage: {
      ...demo.garage,
      products: { ...products, ...Object.fromEntries(more.map((p) => [p.id, p])) },
    },
    settings: { ...demo.settings, workshop: { ...workshop, tools: [...workshop.tools, 'pot'] } },
  };
}
