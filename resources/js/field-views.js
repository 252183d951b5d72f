// What each address of the field sheet shows. A view is words and drawings; what its buttons do stands in field-acts.js.
import { ago, coreWords, keptWords, theirWords } from './field-words.js';
import { boxSection, esc, glyph, hiveDrawing, hiveHeightMm } from './field-draw.js';
import { asksToLook, hiveOf, standingOf } from './field-state.js';
import { boxPath, lookPath } from './field-box.js';
import { moreOf } from './field-hive.js';
import { hiveColour } from './field-frames.js';
import { dayLinks, openTicks } from './field-day.js';
import {
  button,
  go,
  head,
  kg,
  lookWords,
  missing,
  path,
  supers,
  thumb,
  verdictWords,
  worthALook,
} from './field-parts.js';

const COLUMNS = 5;

export function yards(app) {
  const rows = app.index.yards
    .map((yard) => {
      const held = app.held(yard.slug);
      const state = held
        ? app.say('on-phone', { ago: ago(app, held.checkedAt) })
        : app.say(yard.soon ? 'comes-along' : 'not-on-phone');
      const open = held
        ? `<a class="fs-row" href="${path('yard', yard.slug)}"><b>${esc(yard.name)}</b>
            <span>${esc(app.say('hives', { n: yard.hives }))} · ${esc(state)}</span></a>`
        : `<div class="fs-row"><b>${esc(yard.name)}</b><span>${esc(state)}</span></div>`;
      const label = held ? 'fetch-again' : 'take-along';
      const drop = held
        ? button(
            'let-go',
            esc(app.say('let-go')),
            `data-slug="${esc(yard.slug)}" aria-label="${esc(app.say('let-go'))}: ${esc(yard.name)}"`,
          )
        : '';
      return `<li>${open}<div class="fs-two">${button(
        'fetch',
        esc(app.say(label)),
        `data-slug="${esc(yard.slug)}" data-f="fetch-${esc(yard.slug)}" aria-label="${esc(app.say(label))}: ${esc(yard.name)}"`,
      )}${drop}</div></li>`;
    })
    .join('');
  const days = dayLinks(app);
  const size = app.say('held', { n: app.sheets.size, kb: app.heldKb() });
  return `<header class="fs-head"><a class="fs-back" href="/" aria-label="${esc(app.say('leave'))}">‹</a>
    <h1>${esc(app.say('yards'))}</h1><a class="fs-kept" href="#/kept">${keptWords(app)}</a></header>
    <form class="fs-find" data-find><label for="code">${esc(app.say('find'))}</label>
      <input id="code" name="code" maxlength="200" autocomplete="off" autocapitalize="characters">
      <button class="btn">${esc(app.say('open'))}</button>
      <a class="btn" href="#/scan">${esc(app.say('scan'))}</a></form>
    ${days === '' ? '' : `<ul class="fs-list">${days}</ul>`}
    ${rows === '' ? `<p>${esc(app.say('no-yards'))} <a class="link" href="/yards">${esc(app.say('make-yard'))}</a></p>` : `<ul class="fs-list">${rows}</ul>`}
    <p class="soft">${esc(size)}</p>
    <fieldset class="fs-set"><legend>${esc(app.say('settings'))}</legend>
      ${['sun', 'light', 'dark'].map((theme) => button('theme', esc(app.say(`theme-${theme}`)), `data-shade="${theme}" aria-pressed="${app.settings.theme === theme}"`)).join('')}
      ${button('left', esc(app.say('left-hand')), `aria-pressed="${app.settings.left}"`)}</fieldset>
    <p class="soft">${esc(coreWords(app))}</p>
    ${app.opensOffline ? '' : `<p class="soft">${esc(app.say('no-worker'))}</p>`}`;
}

/** What the camera sees, until it sees a label; a photograph does as well. */
export const scan = (app) => `${head(app, '#/', esc(app.say('scan')))}
  <video id="camera" class="fs-camera" muted playsinline></video>
  <p class="fs-say" id="camera-says" role="status">${esc(app.say('scan-how'))}</p>
  <label class="btn fs-file">${esc(app.say('photograph'))}<input type="file" accept="image/*" capture="environment" data-scan></label>
  ${thumb(app, go('#/', esc(app.say('yards'))))}`;

const tab = (app, where, slug, count) =>
  `<a class="btn" href="${path(where, slug)}">${esc(app.say(where === 'day' ? 'day' : 'back-title'))}${count ? ` (${count})` : ''}</a>`;

export function yard(app, slug) {
  const sheet = app.sheet(slug);
  if (!sheet) return missing(app, 'yard-gone');
  const today = app.today(slug);
  const width = Math.floor((window.innerWidth - 32) / COLUMNS);
  const tallest = Math.max(500, ...sheet.hives.map(hiveHeightMm));
  const s = Math.min(0.128, (width - 20) / 413, 260 / tallest);
  const hives = sheet.hives
    .map((hive) => {
      const counts = ['take', 'take-and-dry', 'look', 'read-water', 'wait', 'rearrange', 'leave']
        .map((verdict) => [verdict, supers(hive).filter((box) => standingOf(box) === verdict).length])
        .filter(([, count]) => count > 0)
        .slice(0, 2)
        .map(([verdict, count]) => `${app.say(`v-${verdict}`).toLowerCase()} ${count}`);
      const words = counts.length ? counts.join(', ') : app.say('no-super');
      return `<a class="fs-hive" href="${path('yard', slug, hive.code)}" data-f="hive-${esc(hive.code)}">
        ${hiveDrawing(hive, today, { width, height: tallest * s + 6, s })}
        <b>${esc(hive.code)}</b><span>${esc(words)}</span></a>`;
    })
    .join('');
  const first = worthALook(sheet);
  const said = first.length
    ? app.say('to-look', {
        n: first.length,
        where: [...new Set(first.map(({ hive }) => hive.code))].slice(0, 4).join(', '),
      })
    : app.say('nothing-to-look');
  const next = first.length ? first[0] : null;
  const href = next ? lookPath(slug, next.hive, next.box) : path('yard', slug, sheet.hives[0]?.code ?? '');
  const empty = `<p>${esc(app.say('no-hives'))} <a class="link" href="/yards/${esc(slug)}">${esc(app.say('make-hive'))}</a></p>`;
  return `${head(app, '#/', esc(sheet.name))}<p class="fs-say">${esc(said)}</p>
    ${sheet.hives.length ? `<div class="fs-yard">${hives}</div>` : empty}
    <nav class="fs-tabs" aria-label="${esc(app.say('in-yard'))}">
      <a class="btn" href="${path('list', slug)}">${esc(app.say('read-out'))}</a>
      <a class="btn" href="${path('signs', slug)}">${esc(app.say('signs'))}</a>
      ${tab(app, 'day', slug, openTicks(sheet))}
      ${sheet.wet.length ? tab(app, 'back', slug, sheet.wet.length) : ''}</nav>
    ${sheet.hives.length ? thumb(app, go(href, esc(next ? app.say('open-hive', { hive: next.hive.code }) : app.say('first-hive')))) : ''}`;
}

const neighbours = (sheet, hive) => {
  const i = sheet.hives.indexOf(hive);
  return { before: sheet.hives[i - 1], after: sheet.hives[i + 1] };
};

export function hive(app, slug, code) {
  const sheet = app.sheet(slug);
  const it = sheet && hiveOf(sheet, code);
  if (!it) return missing(app, 'hive-gone');
  const today = app.today(slug);
  const rows = [...it.boxes]
    .reverse()
    .map((box) => boxRow(app, slug, it, box, today))
    .join('');
  const { before, after } = neighbours(sheet, it);
  const next = worthALook(sheet).find((one) => one.hive === it);
  const main = next
    ? go(lookPath(slug, it, next.box), esc(app.say('look-at', { box: next.box.name, what: lookWords(app, next.box) })))
    : go(
        after ? path('yard', slug, after.code) : path('yard', slug),
        esc(after ? app.say('next-hive', { hive: after.code }) : app.say('done-hives')),
      );
  const beside = before
    ? `<a class="btn" href="${path('yard', slug, before.code)}" aria-label="${esc(app.say('previous-hive', { hive: before.code }))}">‹ ${esc(before.code)}</a>`
    : '';
  const queen = [...[it.queen, it.meant].filter(Boolean).map(esc), hiveColour(sheet, code)].filter(Boolean).join(' · ');
  const mine = app.queue.taps.filter(
    (tap) => tap.hive === it.code && ['note', 'photo', 'weigh', 'heft'].includes(tap.kind),
  );
  return `${head(app, path('yard', slug), esc(it.code), queen)}
    ${it.notes ? `<p class="fs-say">${esc(it.notes)}</p>` : ''}
    <ul class="fs-stack">${rows}</ul>
    ${mine.length ? `<ul class="fs-mine">${mine.map((tap) => `<li>${esc(tap.words)} <i>${esc(app.say('kept-here'))}</i></li>`).join('')}</ul>` : ''}
    ${moreOf(app, sheet, it)}
    ${thumb(app, main, beside)}`;
}

function boxRow(app, slug, hive, box, today) {
  if (box.fresh) {
    return `<li class="fs-box"><span class="fs-words"><b>${esc(app.say('new-super'))}</b><span>${esc(box.kindName)}, <i>${esc(app.say('kept-here'))}</i></span></span></li>`;
  }
  const s = Math.min(0.38, (window.innerWidth * 0.42) / box.kind.width_mm);
  const picture = `<svg width="${Math.ceil(box.kind.width_mm * s)}" height="${Math.ceil(box.kind.height_mm * s)}" aria-hidden="true">${boxSection(box, today, 0, 0, s)}</svg>`;
  const seen = box.look && box.look.on !== today && !box.taps ? app.say('seen-on', { day: box.look.on }) : '';
  const decided = box.decision ? app.say('decided', { note: box.decision.note ?? '' }) : '';
  const words = box.super
    ? `<b>${glyph(standingOf(box))} ${esc(verdictWords(app, box))}</b><span>${esc(kg(app, box))}</span>
       <span>${esc([box.name, asksToLook(box) ? lookWords(app, box) : '', decided, seen].filter(Boolean).join(' · '))}</span>`
    : `<b>${esc(box.name)}</b>`;
  return `<li><a class="fs-box" href="${boxPath(slug, hive, box)}" data-f="box-${box.id}">${picture}<span class="fs-words">${words}</span></a></li>`;
}

/** All of a yard in words, large, to be read or heard. */
export function list(app, slug) {
  const sheet = app.sheet(slug);
  if (!sheet) return missing(app, 'yard-gone');
  const first = worthALook(sheet)[0];
  const says = (it) =>
    [...supers(it)]
      .reverse()
      .map((box) =>
        box.fresh
          ? app.say('new-super')
          : `${box.name}: ${verdictWords(app, box)}${asksToLook(box) ? `, ${lookWords(app, box)}` : `, ${kg(app, box)}`}.`,
      )
      .join(' ') || `${app.say('no-super')}.`;
  return `${head(app, path('yard', slug), esc(sheet.name), esc(app.say('read-out')))}
    ${first ? `<p class="fs-say" role="status">${esc(app.say('look-first', { hive: first.hive.code, box: first.box.name, what: lookWords(app, first.box) }))}</p>` : ''}
    ${'speechSynthesis' in window ? button('speak', esc(app.say('speak'))) : ''}
    <div class="fs-large" id="read-out">${sheet.hives.map((it) => `<section><h2>${esc(it.code)}</h2><p>${esc(says(it))}</p></section>`).join('')}</div>`;
}

export function signs(app, slug) {
  const sheet = app.sheet(slug);
  if (!sheet) return missing(app, 'yard-gone');
  const rows = Object.entries(app.index.signs)
    .map(([key, words]) => button('sign', esc(words), `data-seen="${esc(key)}" data-slug="${esc(slug)}"`))
    .join('');
  return `${head(app, path('yard', slug), esc(sheet.name), esc(app.say('signs')))}
    <section class="fs-timer"><h2>${esc(app.say('robbing'))}</h2><p>${esc(app.say('robbing-how'))}</p>
      <p class="fs-clock" role="timer" aria-live="off" data-clock>–</p>${button('timer', esc(app.say('timer-start')), `data-slug="${esc(slug)}"`)}</section>
    <h2>${esc(app.say('signs-seen'))}</h2><div class="fs-choices">${rows}</div>`;
}

/** What was tapped by mistake is thrown away, until it is sent. */
const waitingRow = (
  app,
  tap,
) => `<li class="fs-waits"><span>${esc(tap.words)} <span class="soft">${esc(ago(app, tap.at))}</span></span>
  ${button('unsay', esc(app.say('throw')), `data-seq="${tap.seq}" aria-label="${esc(app.say('throw'))}: ${esc(tap.words)}"`)}</li>`;

/** Everything that waits here, and what its person is asked about. */
export function kept(app) {
  const asking = app.queue.asking();
  const waiting = app.queue.waiting();
  const one = (tap) => {
    const actions =
      tap.state === 'conflict'
        ? `<p>${esc(theirWords(app, tap))}</p><div class="fs-two">${button('mine', esc(app.say('take-mine')), `data-seq="${tap.seq}"`)}${button('theirs', esc(app.say('take-theirs')), `data-seq="${tap.seq}"`)}</div>`
        : `<div class="fs-two">${button('again', esc(app.say('send-again')), `data-seq="${tap.seq}"`)}${button('throw', esc(app.say('throw')), `data-seq="${tap.seq}"`)}</div>`;
    return `<li><b>${esc(tap.words)}</b> <span class="soft">${esc(ago(app, tap.at))}</span><p>${esc(tap.message)}</p>${actions}</li>`;
  };
  return `${head(app, app.back(), esc(app.say('kept-title')))}
    <p class="fs-say" role="status">${keptWords(app)}</p>
    ${app.signedOut ? `<p class="notice bad"><span>${esc(app.say('signed-out'))} <a class="link" href="/field/in">${esc(app.say('sign-in'))}</a></span></p>` : ''}
    ${asking.length ? `<h2>${esc(app.say('asked'))}</h2><ul class="fs-list">${asking.map(one).join('')}</ul>` : ''}
    ${
      waiting.length
        ? `<h2>${esc(app.say('waiting'))}</h2><ol class="fs-mine">${waiting
            .slice(-60)
            .map((tap) => waitingRow(app, tap))
            .join('')}</ol>${button('send', esc(app.say('send-now')))}`
        : `<p>${esc(app.say('nothing-waits'))}</p>`
    }`;
}
