import { createHash } from 'node:crypto';
import { createElement, Suspense } from 'react';
import { renderToReadableStream } from 'react-dom/server';

/** Parts of a page that may come after their place in it; our pages have one. */
const boundaries = 4;
/** More than React writes in its place, so that it writes the script that puts it there. */
const largePart = 40_000;

let hashes: Promise<string> | undefined;

/**
 * The hashes of the inline scripts by which React puts parts of a page into their places, for the policy of what may run.
 * They are read off a page that holds nothing of anyone's, so that a script in a card can never be taken for one of them.
 */
export function reactScripts(): Promise<string> {
  return (hashes ??= hashScripts());
}

async function hashScripts(): Promise<string> {
  const parts = Array.from({ length: boundaries }, (_, key) =>
    createElement(Suspense, { key }, createElement('p', {}, 'x'.repeat(largePart))),
  );
  // The prefix the framework gives the one island of a page.
  const stream = await renderToReadableStream(createElement('div', {}, parts), {
    identifierPrefix: 'r1',
  });
  const html = await new Response(stream).text();
  const scripts = [...html.matchAll(/<script>(.*?)<\/script>/gs)].map(([, script]) => script ?? '');
  return scripts
    .map((script) => `'sha256-${createHash('sha256').update(script).digest('base64')}'`)
    .join(' ');
}
