import type { Part } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { readPart, type PartDraft } from '../part';

const now = Date.parse('2026-11-24T10:00:00.000Z');
const known: Part = {
  id: 'p',
  name: 'Old cassette',
  kind: 'cassette',
  price: null,
  end: null,
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
};
const context = {
  garage: { ...TEST_GARAGE, parts: { p: known } },
  id: '',
  units: METRIC,
  now,
};
const draft: PartDraft = {
  kind: 'ring',
  name: ' 50 ring ',
  before: '',
  chains: '',
  price: '',
  at: '2026-11-20T10:00:00.000Z',
};
const read = (more: Partial<PartDraft>, with_: Partial<typeof context> = {}) =>
  readPart({ ...draft, ...more }, { ...context, ...with_ });
const problems = (more: Partial<PartDraft>) => {
  const result = read(more);
  return result.ok ? {} : result.problems;
};

describe('a part form', () => {
  it('reads a new part that nothing is known of', () => {
    expect(read({})).toEqual({
      ok: true,
      value: {
        fields: { name: '50 ring', kind: 'ring', price: null },
        at: draft.at,
        start: { kmBefore: 0, chainsBefore: null },
      },
    });
  });

  it('reads what it had behind it, none and the most included, in the rider’s units', () => {
    for (const chains of ['0', '20'])
      expect(read({ chains })).toMatchObject({
        value: { start: { chainsBefore: Number(chains) } },
      });
    const miles = readPart({ ...draft, before: '1000' }, { ...context, units: IMPERIAL });
    expect(miles.ok && miles.value.start.kmBefore).toBeCloseTo(1609.344, 3);
  });

  it.each([
    [{ name: ' ' }, 'name', 'name/missing'],
    [{ name: 'old CASSETTE' }, 'name', 'name/taken'],
    [{ before: '-1' }, 'before', 'kilometres/impossible'],
    [{ before: '200001' }, 'before', 'kilometres/impossible'],
    [{ before: 'many' }, 'before', 'number/not-a-number'],
    [{ chains: '21' }, 'chains', 'chains/impossible'],
    [{ chains: '-1' }, 'chains', 'chains/impossible'],
    [{ chains: '1.5' }, 'chains', 'chains/impossible'],
    [{ at: null }, 'at', 'date/missing'],
    [{ at: '2026-11-25T10:00:00.000Z' }, 'at', 'date/future'],
  ])('says what is wrong with %j beside its field', (more, field, code) => {
    expect(problems(more)).toEqual({ [field]: expect.objectContaining({ code }) });
  });

  it('lets a part keep its own name, and shows all that is wrong at once', () => {
    expect(read({ name: 'Old cassette' }, { id: 'p' }).ok).toBe(true);
    expect(Object.keys(problems({ name: '', chains: 'x', at: null }))).toEqual([
      'name',
      'chains',
      'at',
    ]);
  });
});
