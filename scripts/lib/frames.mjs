// How evenly the planner draws while something on it is moved, against the same page standing still.

const JOINT = '0193a000-0000-7000-8000-000000005111';
const FRAMES = 180;

/** Runs in the page: does `act` before each frame and answers with the times between frames. */
async function timeFrames([frames, body]) {
  const act = new Function('i', body);
  const at = [];
  await new Promise((done) => {
    let i = 0;
    const tick = (now) => {
      at.push(now);
      if (i >= frames) return done();
      act(i++);
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const between = at.slice(1).map((t, i) => t - at[i]);
  return between.sort((a, b) => a - b);
}

const figures = (sorted) => ({ medianMs: sorted[sorted.length >> 1], p95Ms: sorted[Math.floor(sorted.length * 0.95)] });

const SLIDER = `
  const slider = document.querySelector('[role=slider][aria-label="time since lighting"]');
  const box = slider.getBoundingClientRect();
  const at = { bubbles: true, cancelable: true, button: 0, buttons: 1, clientX: box.x + (box.width * (i % 100)) / 100, clientY: box.y + box.height / 2 };
  slider.dispatchEvent(new MouseEvent(i === 0 ? 'mousedown' : 'mousemove', at));`;

const DRAG = `
  const grip = document.querySelector('[data-testid=grip-part0]');
  if (i === 0) globalThis.from = grip.getBoundingClientRect();
  const at = { bubbles: true, pointerId: 1, pointerType: 'mouse', button: 0, buttons: 1, clientX: from.x + 24 + 60 * Math.sin(i / 20), clientY: from.y + 24 };
  if (i === 0) { grip.setPointerCapture = () => {}; grip.dispatchEvent(new PointerEvent('pointerdown', at)); }
  grip.dispatchEvent(new PointerEvent('pointermove', at));`;

/** Scrolls the table of joints by a row a frame; the next pages come while it runs. */
const SCROLL = `
  const rows = document.querySelector('[data-testid=found-rows]');
  rows.scrollTop = i * 46;`;

/** How evenly a shop's table of joints is drawn while it is scrolled, against the same page standing still. */
export async function measureFoundFrames(page) {
  const still = figures(await page.evaluate(timeFrames, [FRAMES, '']));
  const scrolled = figures(await page.evaluate(timeFrames, [FRAMES, SCROLL]));
  const place = await page.getByTestId('found-rows').evaluate((rows) => rows.scrollTop);
  if (place < 46 * (FRAMES / 2)) throw new Error(`the table stands at ${place} px: it was not scrolled`);
  return { still, scrolled };
}

/** What a handle says it stands at. */
const standsAt = (page, selector) => page.locator(selector).first().getAttribute('aria-valuetext');

const CIRCUIT = '0193a000-0000-7000-8000-000000000033';
const UNIT = '0193a000-0000-7000-8000-000000000023';
const PARTS = 100;

const PART_DRAG = `
  const layer = document.querySelector('[data-testid=circuit-drag]');
  const part = document.querySelector('[aria-label="drier"]').getBoundingClientRect();
  const at = (dx) => ({ bubbles: true, pointerId: 1, pointerType: 'mouse', button: 0, buttons: 1, clientX: part.x + part.width / 2 + dx, clientY: part.y + part.height / 2 });
  if (i === 0) { layer.setPointerCapture = () => {}; layer.dispatchEvent(new PointerEvent('pointerdown', at(0))); }
  layer.dispatchEvent(new PointerEvent('pointermove', at(20 + 200 * Math.sin(i / 20))));`;

/** The circuit with so many parts: its longest tubes are cut by fittings. */
function grown({ parts, links }, count) {
  const all = { parts: [...parts], links: [...links] };
  for (let n = 1; all.parts.length < count; n++) {
    const at = all.links.findIndex((link) => !link.from.startsWith('cut-') && link.tube);
    const link = all.links.splice(at, 1)[0];
    const id = `cut-${n}`;
    all.parts.push({ id, kind: 'fitting' });
    all.links.push({ ...link, to: id }, { ...link, from: id, throughWall: false });
    if (all.links.every((l) => l.from.startsWith('cut-') || !l.tube)) break;
  }
  return all;
}

/** The most that a drawing may have, each tube cut in turn. */
const MOST_PARTS = 200;
function fullest(circuit) {
  const all = { parts: [...circuit.parts], links: [...circuit.links] };
  for (let n = 1; all.parts.length < MOST_PARTS; n++) {
    const at = (n * 7) % all.links.length;
    const after = { ...all.links[at], throughWall: false };
    const id = `cut-${n}`;
    all.parts.push({ id, kind: 'fitting' });
    all.links.splice(at, 1, { ...all.links[at], to: id }, { ...after, from: id });
  }
  return all;
}

/** A page of somebody signed in, once the herbarium split is drawn as `draw` makes it of what stands there. */
async function withCircuit(browser, url, { viewport, draw, drawing }) {
  const page = await (await browser.newContext({ viewport, serviceWorkers: 'block' })).newPage();
  await page.goto(url);
  await page.getByRole('button', { name: 'Ilta Varro' }).click();
  await page.getByRole('link').filter({ hasText: 'CR2 vault cold room' }).first().waitFor();
  const standing = await (await page.request.get(`${url}/api/circuits/${CIRCUIT}/drawing`)).json();
  const circuit = draw(standing.drawing.circuit);
  const kept = await page.request.put(`${url}/api/circuits/${CIRCUIT}/drawings/${drawing}`, { data: circuit });
  if (!kept.ok()) throw new Error(`the circuit of ${circuit.parts.length} parts was refused: ${await kept.text()}`);
  return { page, parts: circuit.parts.length };
}

const slowed = async (page) => (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });

/** Frames of a drawn circuit of a hundred parts at a quarter of the speed: standing still, and a part dragged over it. */
export async function measureCircuitFrames(browser, url) {
  const asked = { viewport: { width: 1280, height: 800 }, draw: (circuit) => grown(circuit, PARTS) };
  const { page, parts } = await withCircuit(browser, url, { ...asked, drawing: '0193a000-0000-7000-8000-00000000bbbb' });
  await page.goto(`${url}/units/${UNIT}/circuits/${CIRCUIT}`);
  await page.getByRole('button', { name: 'drier', exact: true }).waitFor();
  await slowed(page);
  await page.waitForTimeout(1500);
  const time = async (act) => figures(await page.evaluate(timeFrames, [FRAMES, act]));
  const still = await time('');
  const drag = await time(
    `${PART_DRAG}; globalThis.held = layer.style.cursor === 'grabbing' || getComputedStyle(layer).cursor === 'grabbing';`,
  );
  if (!(await page.evaluate('globalThis.held'))) throw new Error('the part was not held');
  await page.context().close();
  return { parts, still, drag };
}

/** In the page: opens the drawing from its unit, and says how long it took from the tap until it was painted. */
function timeDrawn() {
  const large = () => [...document.querySelectorAll('svg')].filter((svg) => svg.querySelectorAll('*').length > 1000).length;
  const before = large();
  const tapped = performance.now();
  return new Promise((done) => {
    const painted = () => done(performance.now() - tapped);
    const look = () => (large() > before ? requestAnimationFrame(() => setTimeout(painted, 0)) : requestAnimationFrame(look));
    look();
    [...document.querySelectorAll('[role=button]')].find((key) => key.textContent === 'Open the drawing').click();
  });
}

/** Draws the fullest circuit on a phone at a quarter of the speed, five times; the median of what drawing took. */
export async function measureFullestCircuit(browser, url) {
  const asked = { viewport: { width: 390, height: 844 }, draw: fullest };
  const { page, parts } = await withCircuit(browser, url, { ...asked, drawing: '0193a000-0000-7000-8000-00000000cccc' });
  const took = [];
  for (let i = 0; i < 5; i++) {
    await page.goto(`${url}/units/${UNIT}`);
    await page.getByText('Open the drawing').waitFor();
    // What today needs is fetched ahead by itself, once: it is not what is measured.
    await page.waitForLoadState('networkidle');
    await slowed(page);
    took.push(await page.evaluate(timeDrawn));
  }
  await page.context().close();
  return { parts, drawnMs: took.sort((a, b) => a - b)[2] };
}

/** Frames of the wide planner with a wrapped valve: standing still, the time slider moving, the valve dragged (planned anew each time). */
export async function measureFrames(browser, url) {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(url);
  await page.getByRole('button', { name: 'Ilta Varro' }).click();
  await page.getByRole('link').filter({ hasText: 'CR2 vault cold room' }).first().waitFor();
  await page.goto(`${url}/joints/${JOINT}`);
  await page.getByRole('button', { name: 'start from tube in a service valve' }).click();
  await page.getByRole('button', { name: 'over time' }).click();
  await page.waitForTimeout(1500);
  const time = async (act) => figures(await page.evaluate(timeFrames, [FRAMES, act]));
  /** Frames while something is moved; a handle that stood still would have measured nothing. */
  const moving = async (selector, act) => {
    const before = await standsAt(page, selector);
    const frames = await time(act);
    if ((await standsAt(page, selector)) === before) throw new Error(`${selector} did not move`);
    return frames;
  };
  const still = await time('');
  const slider = await moving('[role=slider][aria-label="time since lighting"]', SLIDER);
  const drag = await moving('[data-testid=grip-part0]', DRAG);
  await page.context().close();
  return { still, slider, drag };
}
