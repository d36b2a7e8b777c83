import { format, parseISO } from 'date-fns';
import { USUAL_CONVENTIONS, type Conventions } from '../conventions.js';
import { message, sayInEnglish, type Say } from '../messages/message.js';
import { DIARY_SCHEMA, homeDoseWords, homeWhen, MOST_TOLD, practiceDays, type HomePractice, type HomeStep } from './home-practice.js';
import { needsAtHome } from './needs-at-home.js';

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}

function list(items: readonly string[]): string {
  return `<ul>${items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`;
}

/** A sentence of the catalogue with what stands before its colon in bold. */
function labelled(sentence: string): string {
  return escaped(sentence).replace(/^[^:]+:/, '<b>$&</b>');
}

function stepHtml(step: HomeStep, at: number, figure: string | undefined, conventions: Conventions, say: Say): string {
  const { name, changes, setup, in: into, feel, stop, out, seconds } = step;
  const needs = needsAtHome(setup, conventions);
  return `<section><h2>${at + 1}. ${escaped(name)}${changes.length > 0 ? `: ${escaped(changes.join('; '))}` : ''}</h2>
${figure ?? ''}
<p class="dose">${escaped(homeDoseWords(step, say))}</p>
${needs === '' ? '' : `<p>${labelled(say(message('home.need', { props: needs })))}</p>`}
<p>${escaped(into.join(' '))}</p>
${feel === '' ? '' : `<p>${labelled(say(message('home.feel', { feel })))}</p>`}
<p>${labelled(say(message('home.stop', { stop })))}</p>
<p>${escaped(out.join(' '))}</p>
<button type="button" data-seconds="${seconds}">Start: ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}</button></section>`;
}

/** Counts down and sounds a bell made by the browser itself; works without any network. */
const TIMER = `for(const b of document.querySelectorAll('button[data-seconds]')){const all=+b.dataset.seconds;let left=all,t=null;
const show=(w)=>{b.textContent=w+': '+Math.floor(left/60)+':'+String(left%60).padStart(2,'0')};
const bell=()=>{const C=window.AudioContext;if(!C)return;const a=new C(),g=a.createGain(),o=a.createOscillator();g.gain.setValueAtTime(.3,a.currentTime);g.gain.exponentialRampToValueAtTime(.0001,a.currentTime+2.5);o.frequency.value=528;o.connect(g);g.connect(a.destination);o.start();o.stop(a.currentTime+2.5)};
b.onclick=()=>{if(t){clearInterval(t);t=null;show('Go on');return}if(left===0)left=all;show('Pause');t=setInterval(()=>{left--;if(left<=0){clearInterval(t);t=null;left=0;bell();b.textContent='Done'}else show('Pause')},1000)}}`;

/**
 * Puts what was ticked into a file, and remembers it where the device lets a file do so. The text is what `readDiary`
 * reads; it names nobody.
 */
const DIARY = `const form=document.getElementById('diary'),key='diary '+document.title;
const told=()=>({$schema:'${DIARY_SCHEMA}',version:1,title:document.title,note:form.note.value.slice(0,${MOST_TOLD}),days:[...form.querySelectorAll('tr[data-day]')].filter((r)=>r.querySelector('input').checked).map((r)=>{const [before,after]=[...r.querySelectorAll('select')].map((s)=>s.value===''?null:+s.value);return {day:r.dataset.day,before,after}})});
try{const {days,note}=JSON.parse(localStorage.getItem(key));form.note.value=note;for(const {day,before,after} of days){const r=form.querySelector('tr[data-day="'+day+'"]');r.querySelector('input').checked=true;[...r.querySelectorAll('select')].forEach((s,i)=>{s.value=[before,after][i]??''})}}catch{}
form.onchange=()=>{try{localStorage.setItem(key,JSON.stringify(told()))}catch{}};
form.onsubmit=(e)=>{e.preventDefault();const a=document.createElement('a');a.setAttribute('href',URL.createObjectURL(new Blob([JSON.stringify(told(),null,2)],{type:'application/json'})));a.download='home-diary.json';a.click()}`;

/** Days to tick off, on a phone or on paper. */
function diaryHtml(practice: HomePractice): string {
  const points = `<option value=""></option>${Array.from({ length: 11 }, (_, k) => `<option>${k}</option>`).join('')}`;
  const rows = practiceDays(practice).map((day) => {
    const name = format(parseISO(day), 'EEE d MMM');
    const pain = (when: string) => `<td><select aria-label="Pain ${when}, ${name}">${points}</select></td>`;
    return `<tr data-day="${day}"><th scope="row">${name}</th><td><input type="checkbox" aria-label="Done, ${name}"></td>${pain('before')}${pain('after')}</tr>`;
  });
  return `<form id="diary"><h2>What you did</h2>
<table><tr><th></th><th>Done</th><th>Pain before</th><th>Pain after</th></tr>${rows.join('')}</table>
<p>Pain from 0, none, to 10, the worst that you can think of. Left empty is fine.</p>
<p><label>Anything to tell: <textarea name="note" rows="2" maxlength="${MOST_TOLD}"></textarea></label></p>
<button>Save it as a file for your teacher</button></form>`;
}

const STYLE = `body{font:18px/1.45 system-ui,sans-serif;margin:0 auto;max-width:44rem;padding:1rem;color:#111;background:#fff}h1{font-size:1.6rem}h2{font-size:1.25rem;margin:0 0 .3rem}section{border-top:1px solid #999;padding:.8rem 0;break-inside:avoid}svg{height:8rem;max-width:100%}.dose{font-weight:600}button{font:inherit;padding:.6rem 1.2rem;border:2px solid #111;border-radius:.4rem;background:#fff}table{border-collapse:collapse}td,th{border:1px solid #999;padding:.35rem .6rem;text-align:left}input,select,textarea{font:inherit}input{width:1.4rem;height:1.4rem}textarea{width:100%;box-sizing:border-box}@media print{button{display:none}select{appearance:none;border:0;width:3rem}@page{margin:14mm}}`;

/**
 * A practice as one file that needs nothing else: figures, timers and a bell on a phone without a network, and ink on
 * paper. `figures` are SVG texts of the steps, by their places.
 */
export function homeHtml(
  practice: HomePractice,
  title: string,
  figures: readonly (string | undefined)[] = [],
  conventions: Conventions = USUAL_CONVENTIONS,
  say: Say = sayInEnglish,
): string {
  const { steps, growing, skipToday, stopSigns, askToday, emergency, call } = practice;
  const heading = (id: 'home.stop-at-once' | 'home.ask-today' | 'home.emergency') => `<h2>${escaped(say(message(id)))}</h2>`;
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; script-src 'unsafe-inline'">
<title>${escaped(title)}</title><style>${STYLE}</style></head><body>
<h1>${escaped(title)}</h1>
<p>${escaped(homeWhen(practice, conventions, say))}</p>
<p>${labelled(say(message('home.not-today', { signs: skipToday })))} ${escaped(say(message('home.foot')))}</p>
${growing === null ? '' : `<p>${escaped(growing)}</p>`}
${steps.map((step, i) => stepHtml(step, i, figures[i], conventions, say)).join('\n')}
<section>${heading('home.stop-at-once')}${list(stopSigns)}${heading('home.ask-today')}${list(askToday)}${heading('home.emergency')}${list(emergency)}
<p><b>${escaped(say(message('home.whom-to-ask')))}:</b> ${escaped(call.join('; '))}</p></section>
<section>${diaryHtml(practice)}</section>
<script>${TIMER}
${DIARY}</script></body></html>
`;
}

/** A practice to be read in a terminal or copied into a letter. */
export function homeText(practice: HomePractice, title: string, say: Say = sayInEnglish): string {
  const { decision, steps, growing, stopSigns, leftOut } = practice;
  if (steps.length === 0)
    return `${title}\n${say(message('home.nothing'))} ${decision === 'practise' ? leftOut.map(({ why }) => why).join(' ') : `(${decision})`}`;
  const lines = steps.flatMap((step, i) => {
    const { name, changes, in: into, stop } = step;
    const how = changes.length > 0 ? ` (${changes.join('; ')})` : '';
    return [`${i + 1}. ${name}${how}, ${homeDoseWords(step, say)}`, `   ${into.join(' ')} ${say(message('home.stop', { stop }))}`];
  });
  return [
    title,
    homeWhen(practice, USUAL_CONVENTIONS, say),
    ...(growing === null ? [] : [growing]),
    ...lines,
    `${say(message('home.stop-at-once'))}: ${stopSigns.join('; ')}`,
  ].join('\n');
}
