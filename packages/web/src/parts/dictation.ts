import { t } from '../words/t.js';
/** What a browser offers of speech recognition, as far as it is used here (Web Speech API, on-device recognition). */
interface Recognition {
  lang: string;
  continuous: boolean;
  interimResults: boolean;
  processLocally: boolean;
  onresult: ((event: { readonly resultIndex: number; readonly results: SpeechRecognitionResultList }) => void) | null;
  onend: (() => void) | null;
  onerror: ((event: { readonly error: string }) => void) | null;
  start(): void;
  stop(): void;
}
interface Recognizer {
  new (): Recognition;
  available?(asked: { langs: readonly string[]; processLocally: boolean }): Promise<string>;
}

const LANG = 'en-US';

function recognizer(): Recognizer | null {
  const { SpeechRecognition: own } = globalThis as { SpeechRecognition?: Recognizer };
  return own ?? null;
}

/** Whether this device writes down what is said by itself. What is said of somebody's health never goes to a service to be understood. */
export async function canDictate(): Promise<boolean> {
  const available = recognizer()?.available?.bind(recognizer());
  if (!available) return false;
  try {
    return (await available({ langs: [LANG], processLocally: true })) === 'available';
  } catch {
    return false;
  }
}

/** Listens until `stop` is called, or nobody speaks any more; each phrase is told once it is whole. */
export function listen(onPhrase: (text: string) => void, onEnd: (problem: string | null) => void): () => void {
  const Made = recognizer();
  if (!Made) throw new Error(t('This device does not write down what is said'));
  const recognition = new Made();
  let problem: string | null = null;
  recognition.lang = LANG;
  recognition.continuous = true;
  recognition.interimResults = false;
  recognition.processLocally = true;
  recognition.onresult = ({ resultIndex, results }) => {
    for (let i = resultIndex; i < results.length; i++) onPhrase(results[i]![0]!.transcript.trim());
  };
  recognition.onerror = ({ error }) => {
    problem = error === 'not-allowed' ? t('The microphone is not allowed for this page.') : t('Nothing was understood.');
  };
  recognition.onend = () => onEnd(problem);
  recognition.start();
  return () => recognition.stop();
}

/** A note with a phrase more. */
export function withPhrase(note: string, phrase: string): string {
  return [note.trim(), phrase].filter((part) => part !== '').join(' ');
}
