import { COURSE, PEOPLE, PLACES, type World } from './world.js';

const SIGNS: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
};

const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => SIGNS[sign] ?? '');

const page = (title: string, body: string): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><title>${escaped(title)}</title>
<style>body{font:16px/1.5 sans-serif;max-width:52rem;margin:2rem auto;padding:0 1rem}td,th{padding:.2rem .8rem .2rem 0;text-align:start}code{user-select:all}</style>
<h1>${escaped(title)}</h1>${body}</html>`;

/** A form that sends itself on, and a button where nothing runs. */
export function formTo(address: string, fields: Readonly<Record<string, string>>): string {
  const inputs = Object.entries(fields).map(
    ([name, value]) => `<input type="hidden" name="${escaped(name)}" value="${escaped(value)}">`,
  );
  return page(
    'On the way',
    `<form method="post" action="${escaped(address)}">${inputs.join('')}<button>Go on</button></form><script>document.forms[0].submit()</script>`,
  );
}

/** The course: who opens which place, what to copy, and the marks that came in. */
export function coursePage(world: World, copied: Readonly<Record<string, string>>): string {
  const openings = PEOPLE.map(
    (who) =>
      `<tr><th>${escaped(`${who.given} ${who.family}`)}${who.isStaff ? ', teaches' : ''}</th>${PLACES.map(
        ({ id, title }) =>
          `<td><a href="/open?who=${who.id}&place=${id}">open “${escaped(title)}”</a></td><td>${who.isStaff ? '' : markText(world, id, who.id)}</td>`,
      ).join('')}</tr>`,
  );
  const toCopy = Object.entries(copied).map(
    ([name, value]) => `<tr><th>${escaped(name)}</th><td><code>${escaped(value)}</code></td></tr>`,
  );
  return page(
    `Hillside school: ${COURSE.title}`,
    `<p>A stand-in for a school’s learning platform. Choose who you are.</p><table>${openings.join('')}</table>
<h2>To be copied to Gleddo, under House</h2><table>${toCopy.join('')}</table>`,
  );
}

function markText(world: World, place: string, who: string): string {
  const mark = world.markOf(place, who);
  if (!mark) return 'no mark';
  return mark.given === null ? 'being marked' : `${mark.given} of ${mark.of}`;
}

export const refusedPage = (why: string): string => page('Refused', `<p>${escaped(why)}</p>`);
