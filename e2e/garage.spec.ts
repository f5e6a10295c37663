import { readFile } from 'node:fs/promises';
import { expect, test } from './rider';

test('a chain moves from bike to bike, and never sits on two at once @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('button', { name: 'Add bike' }).click();
  await page.getByLabel('Name').fill('Spare bike');
  await page.getByLabel('Chainring teeth').fill('500');
  await page.getByRole('button', { name: 'Add bike' }).last().click();
  await expect(page.getByText('List one to three rings')).toBeVisible();
  await page.getByLabel('Chainring teeth').fill('44');
  await page.getByRole('button', { name: 'Add bike' }).last().click();

  // A chain that is on another bike is not offered.
  await expect(page.getByRole('button', { name: 'Fit this chain' })).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Gravel chain' })).toHaveCount(0);
  await rider.picks('Chain', 'Racer chain A');
  await page.getByRole('button', { name: 'Fit this chain' }).click();
  await expect(page.getByText('Racer chain A, on it since 24 November 2026.')).toBeVisible();
  await page.getByRole('button', { name: 'Take this chain off' }).click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(page.getByRole('button', { name: 'Fit this chain' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Racer chain A, on it since')).toBeVisible();
});

test('specs and wear readings are kept; impossible ones are not @once', async ({ rider, page }) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Gravel chain/ }).click();
  await page.getByLabel('Links').fill('20');
  await page.getByRole('button', { name: 'Save chain' }).click();
  await expect(page.getByText('A bicycle chain has 40 to 250 links')).toBeVisible();
});

test('chains that take turns: the least worn stays on, swapped with one press, and back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Sunday racer/ }).click();
  await expect(page.getByText(/^Leave Racer chain B on: it is the least worn/)).toBeVisible();
  await page.getByRole('button', { name: 'Racer chain A is on already' }).click();
  await expect(page.getByText(/^Swap to Racer chain B: it is worn less/)).toBeVisible();
  await expect(page.getByText(/Racer chain A, on it since 24 November 2026/)).toBeVisible();
  await page.getByRole('button', { name: 'Racer chain B is on already' }).click();
  await expect(page.getByText(/Racer chain B, on it since 24 November 2026/)).toBeVisible();
});

test('a cassette is noted, moved to the spare box, fitted again and sold; a worn one speaks up @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Quay commuter/ }).click();
  await expect(page.getByRole('link', { name: /^Commuter cassette 8,/ })).toBeVisible();
  // Made for other speeds, it is not offered here.
  await expect(page.getByRole('button', { name: 'Fit Hill cassette' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Note a part' }).click();
  await page.getByRole('button', { name: 'Save the part' }).click();
  await expect(page.getByText('Give it a name you will recognise.')).toBeVisible();
  await page.getByLabel('Name').fill('Old cassette');
  await page.getByLabel('Chains worn out on it before').fill('3');
  await page.getByRole('button', { name: 'Save the part' }).click();
  const part = page.getByRole('link', { name: /^Old cassette/ });
  await expect(part).toContainText('3 chains, 100 % of a usual life');
  await page.getByRole('button', { name: 'Fit a new chain' }).click();
  await expect(page.getByText(/A new chain may skip on them/)).toBeVisible();
  await part.click();
  await expect(page.getByText('On Quay commuter')).toBeVisible();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(page.getByText('In the spare box')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on Quay commuter' }).click();
  await expect(page.getByText('On Quay commuter')).toBeVisible();
  await page.getByRole('button', { name: 'I sold it' }).click();
  await expect(page.getByRole('link', { name: /^Hill cassette/ })).toBeVisible();
  await expect(part).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: /^Quay commuter/ }).click();
  await expect(part).toBeVisible();
});

test('wear is measured with a ruler; what cannot be is asked about; the end moves @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Commuter chain/ }).click();
  const end = page.getByText(/^It reaches 0\.75 % in about [\d,]+ km/);
  const before = await end.innerText();
  await page.getByRole('button', { name: 'Measure the chain' }).click();
  await rider.picks('What do you measure with?', 'Ruler, mm');
  await page.getByLabel('First place').fill('9');
  await page.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText('Enter a number from 304 to 314.')).toBeVisible();
  // Less than was read before, by far: it is asked about, and measured again.
  await page.getByLabel('First place').fill('304.8');
  await page.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText(/Chains do not shrink/)).toBeVisible();
  await page.getByRole('button', { name: 'Measure again' }).click();
  await rider.picks('What do you measure with?', 'Ruler, mm');
  await page.getByLabel('First place').fill('306.6');
  await page.getByLabel('Second place, if read').fill('306.5');
  await expect(page.getByText(/^0\.57 %, give or take 0\.11 %/)).toBeVisible();
  await page.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText(/2026, after 3,680 km: 0\.57 %/)).toBeVisible();
  await expect(end).not.toHaveText(before);
  // It was misread: changed where it stands, and deleted.
  await page.getByRole('button', { name: 'Change' }).first().click();
  await expect(page.getByLabel('First place')).toHaveValue('306.55');
  await page.getByLabel('First place').fill('306.3');
  await page.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText(/2026, after 3,680 km: 0\.49 %/)).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).first().click();
  await expect(end).toHaveText(before);
});

test('the service history of a chain reads as a whole, prints, and goes along as a table', async ({
  rider,
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute('data-printed', 'yes');
  });
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Commuter chain/ }).click();
  await page.getByRole('button', { name: 'Service history' }).click();
  await expect(
    page.getByText(/^It has run 3,680 km, and we put its wear at 0\.45 %/),
  ).toBeVisible();
  await expect(page.getByText(/^Wear read: 0\.40 %, checker$/)).toBeVisible();
  // The tape: from years down to days, and what happened on one of them.
  await rider.picks('How close', 'Months');
  const tape = page.getByRole('group', { name: 'The tape, oldest left' });
  const box = (await tape.boundingBox())!;
  await expect(async () => {
    for (let x = 20; x < 120; x += 11) await tape.click({ position: { x, y: box.height - 60 } });
    await expect(page.getByText(/^\w{3}, \d+ \w+ 2026: \d+ km/)).toBeVisible();
  }).toPass({ timeout: 10_000 });
  await page.getByRole('button', { name: 'Print it' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-printed', 'yes');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a table' }).click();
  expect((await download).suggestedFilename()).toBe('Commuter chain.csv');
});

test('everything goes along as a table @once', async ({ rider, page }) => {
  await rider.opensDemo('/book/files');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything as a table' }).click();
  const text = (await readFile(await (await download).path())).toString();
  const rows = text.trim().split('\r\n');
  expect(rows[0]).toMatch(/^date,zone,bike,chain,part,what,/);
  expect(rows.length).toBeGreaterThan(200);
  expect(text).toContain('Commuter cassette,partFitted');
});

test('settings: miles, standard and colours take effect at once @once', async ({ rider, page }) => {
  await rider.opensDemo('/book/settings');
  await rider.picks('Distances', 'Miles');
  await rider.picks('Colours', 'Dark, for the shed');
  await rider.picks('Standard', 'Immaculate');
  await expect(page.locator('body')).toHaveCSS('background-color', 'rgb(19, 26, 34)');
  await rider.goesTo('Today');
  await expect(page.getByText(/(lube|wax|wipe|clean) in \d+ mi$/).first()).toBeVisible();
});

test('a bike removed sets its chain free, and undo brings both back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Peat track gravel bike/ }).click();
  await page.getByRole('button', { name: 'Remove bike' }).click();
  await expect(page.getByRole('link', { name: /^Peat track gravel bike/ })).toHaveCount(0);
  await expect(page.getByText('Off the bike')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Gravel chain/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Gravel chain.*One lap: 2.48/ })).toBeVisible();
});

test('a new chain: which, how long, what does not go round is said, and on it goes', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/garage');
  await page.getByRole('link', { name: /^Sunday racer/ }).click();
  await page.getByRole('button', { name: 'Fit a new chain' }).click();
  await page.getByLabel('Price').first().fill('27');
  await page.getByRole('button', { name: 'Which chain, and how long?' }).click();
  await expect(page.getByText(/^Take a chain for 12 speeds/)).toBeVisible();
  // Nothing measured: the old chain's count stands.
  await expect(page.getByText('Cut it to 110 links.')).toBeVisible();
  const stay = page.getByLabel('Chainstay');
  await stay.fill('4000');
  await expect(page.getByText('Enter a number from 300 to 700.')).toBeVisible();
  // By hand: 2 x 16.14 + 82 / 4 + 1 is 53.8 inches, 54 whole ones; the old chain had one more.
  await stay.fill('410');
  await expect(page.getByText('Both rules of the trade come to 108.')).toBeVisible();
  await page.getByRole('button', { name: 'Note the chainstay on the bike' }).click();
  await expect(page.getByText('Sunday racer changed')).toBeVisible();
  await page.getByRole('button', { name: 'Fit a chain of 110 links' }).click();
  const links = page.getByLabel('Links, once cut');
  await expect(links).toHaveValue('110');
  await expect(page.getByLabel('Price').first()).toHaveValue('27');
  await links.fill('60');
  await page.getByLabel('Speeds it is made for').fill('8');
  await page.getByRole('button', { name: 'It is on: write it down' }).click();
  await expect(page.getByText(/it takes at least 108 links/)).toBeVisible();
  await expect(page.getByText(/too wide between 12 cogs/)).toBeVisible();
  await links.fill('108');
  await page.getByLabel('Speeds it is made for').fill('12');
  await page.getByLabel('First reading').fill('0.1');
  await rider.picks('Closed by', 'Quick link, one use');
  await page.getByRole('button', { name: 'It is on: write it down' }).click();
  await expect(page.getByText(/Sunday racer chain 3, on it since/)).toBeVisible();
  await rider.goesTo('Today');
  await page.getByRole('button', { name: 'Undo' }).click();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /Garage/ }).click();
  await page.getByRole('link', { name: /^Sunday racer/ }).click();
  await expect(page.getByText(/^Racer chain B, on it since/)).toBeVisible();
});

test('a link breaks on the road: what to carry and do; a pin pushed back stays on Today', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/bench');
  await page.getByRole('button', { name: 'On the road: what to carry, a broken link' }).click();
  await expect(page.getByText(/Spare quick link for 12 speeds, of the chain’s make/)).toBeVisible();
  await rider.picks('Bike', 'Sunday racer');
  await expect(page.getByText(/can tear the derailleur off/)).toBeVisible();
  await page.getByLabel('Speeds the link is for').fill('8');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText(/A link for 8 speeds does not close a chain for 12/)).toBeVisible();
  await rider.picks('What holds it', 'An old pin, pushed back');
  await rider.picks('Its length', 'Two links shorter');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Racer chain B mended on the road')).toBeVisible();
  await expect(page.getByText(/Do not ride/).first()).toBeVisible();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /Garage/ }).click();
  await expect(page.getByRole('link', { name: /^Racer chain B/ })).toContainText('108 links');
});

test('slower rounds: the most due first, done and taken back, one not wanted', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/bench');
  await page.getByRole('button', { name: 'Slower rounds due: brake pads' }).click();
  const first = page.getByRole('heading', { level: 2 }).first();
  await expect(first).toHaveText('Brake pads, due');
  await page.getByRole('button', { name: 'Brake pads: the steps' }).click();
  await expect(page.getByText(/are replaced before the next ride/)).toBeVisible();
  await page.getByRole('button', { name: 'Looked at, fine' }).click();
  await expect(page.getByText('Brake pads noted')).toBeVisible();
  await expect(page.getByRole('heading', { name: /, due$/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toHaveText('Brake pads, due');
  await rider.picks('Bike', 'Sunday racer');
  await expect(first).toHaveText('Tyres, due');
  await page.getByRole('button', { name: 'Tyres: the steps' }).click();
  await page.getByRole('button', { name: 'Do not offer this' }).click();
  await expect(page.getByRole('heading', { name: /^Tyres/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Offer all rounds again' }).click();
  await expect(first).toHaveText('Tyres, due');
});

test('a link that was opened as often as its maker allows is not opened without a new one @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/chain/demo-chain-commuter');
  const allowed = page.getByLabel('Openings its link allows');
  await allowed.fill('many');
  await page.getByRole('button', { name: 'Save chain' }).click();
  await expect(page.getByText(/“many” is not a number/)).toBeVisible();
  await allowed.fill('1');
  await page.getByRole('button', { name: 'Save chain' }).click();
  await rider.seesSaved();
  await rider.goesTo('Bench');
  await expect(page.getByText(/This link may not be closed again/).first()).toBeVisible();
});
