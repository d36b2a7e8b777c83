/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Dictate } from './Dictate.js';
import { withPhrase } from './dictation.js';

interface Heard {
  onresult: (event: object) => void;
  onerror: (event: object) => void;
  onend: () => void;
  processLocally: boolean;
}
let heard: Heard;

function device(state: string | null) {
  class Recognition {
    static available = state === null ? undefined : async () => state;
    constructor() {
      heard = this as unknown as Heard;
    }
    start() {}
    stop() {
      heard.onend();
    }
  }
  Object.assign(globalThis, { SpeechRecognition: Recognition });
}

function Note() {
  const [text, setText] = useState('slept badly');
  return (
    <>
      <p>{text}</p>
      <Dictate text={text} onChange={setText} into="the note" />
    </>
  );
}
const open = async () => {
  render(<Note />);
  await act(async () => undefined);
};

afterEach(() => {
  delete (globalThis as { SpeechRecognition?: unknown }).SpeechRecognition;
});

test.each([null, 'downloadable', 'unavailable'])('a device that would ask a service is not offered (%s)', async (state) => {
  device(state);
  await open();
  expect(screen.queryByRole('button')).toBeNull();
});

test('what is said is written below what is there, on this device alone', async () => {
  device('available');
  await open();
  fireEvent.click(screen.getByRole('button', { name: 'Say it: the note' }));
  expect(heard.processLocally).toBe(true);
  act(() => heard.onresult({ resultIndex: 0, results: [[{ transcript: ' knee is fine ' }]] }));
  act(() => heard.onresult({ resultIndex: 1, results: [[{ transcript: 'knee is fine' }], [{ transcript: 'next week again' }]] }));
  expect(screen.getByText('slept badly knee is fine next week again')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: /Stop/ }));
  expect(screen.getByRole('button', { name: 'Say it: the note' })).toBeTruthy();
});

test('a microphone that is not allowed is said', async () => {
  device('available');
  await open();
  fireEvent.click(screen.getByRole('button', { name: 'Say it: the note' }));
  act(() => {
    heard.onerror({ error: 'not-allowed' });
    heard.onend();
  });
  expect(screen.getByRole('alert').textContent).toMatch(/microphone is not allowed/);
});

test('a first phrase begins the note', () => expect(withPhrase('  ', 'fine')).toBe('fine'));
