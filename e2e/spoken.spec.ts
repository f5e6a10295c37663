import { expect, test } from './rider';

/** What a screen reader hears: names, roles and states, as the browser’s accessibility tree has them. */
test('the verdict, the tape and the readings are heard whole', async ({ rider, page }) => {
  await rider.opensDemo();
  await expect(page.getByRole('region', { name: 'Verdict' })).toMatchAriaSnapshot(`
    - region "Verdict":
      - heading /[A-Z].*(for|in) about \\d+ km.*\\./ [level=1]
      - text: /half the time \\d+ to \\d+ km\\./
  `);
  await expect(page.getByRole('figure', { name: /^Tape of / })).toHaveAttribute(
    'aria-label',
    /^Tape of .+\. [\d,]+ km over \d+ rides\. Now lube \d+ %, dirt outside \d+ %, grit inside \d+ %\. Next: .+\.$/,
  );
  for (const name of ['Lube left', 'Dirt outside', 'Grit inside', 'Chain wear'])
    expect(await rider.reads(name)).toBeGreaterThanOrEqual(0);
});

test('a step at the bench is heard: what to do, why, and how far one is @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/bench');
  await page
    .getByRole('button', { name: /^(Start|Begin)/ })
    .first()
    .click();
  const step = page.getByRole('heading', { level: 1 });
  await expect(step).toHaveAttribute('aria-live', 'polite');
  const first = await step.innerText();
  expect(first).toMatch(/\.$/);
  await expect(page.getByText(/^\d+ min · .+ · 1 of \d+$/)).toBeVisible();
  // What to mind is read first.
  await page.locator('body').press('Enter');
  await page.locator('body').press('Enter');
  await expect(step).not.toHaveText(first);
  await expect(page.getByText(/ · 2 of \d+$/)).toBeVisible();
});

const CHARTS = [
  { path: '/book/chain/demo-chain-commuter', of: 'Chain wear', columns: 3 },
  { path: '/book/service/demo-chain-commuter', of: 'Month by month', columns: 5 },
  { path: '/book/watts', of: 'Watts by month', columns: 2 },
  { path: '/book/money', of: 'When to replace', columns: 2 },
  { path: '/rides', of: 'Your year by month and weather', columns: 2 },
] as const;

test('every chart says its figures, and has them as a table one tap away @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  for (const { path, of, columns } of CHARTS) {
    await rider.goesOn(path);
    const behind = page.getByRole('button', { name: `As a table: ${of}` });
    await expect(behind, path).toBeVisible({ timeout: 60_000 });
    for (const drawing of await page.getByRole('img').all())
      if (await drawing.isVisible()) {
        const said = await drawing.getAttribute('aria-label');
        expect(said, path).toMatch(/\w{3,}.*\s.+/);
      }
    await behind.click();
    const table = page.getByRole('table', { name: of });
    await expect(table.getByRole('columnheader').first()).toBeVisible();
    expect(await table.getByRole('columnheader').count(), of).toBeGreaterThanOrEqual(columns);
    expect(await table.getByRole('row').count(), of).toBeGreaterThan(2);
    await page.getByRole('button', { name: `Hide the table: ${of}` }).click();
    await expect(table).toHaveCount(0);
  }
});
