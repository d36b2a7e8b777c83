declare module 'webvtt-parser' {
  interface ParsedCue {
    readonly startTime: number;
    readonly endTime: number;
    readonly text: string;
  }
  export class WebVTTParser {
    parse(text: string, mode: 'metadata' | 'chapters'): { readonly cues: readonly ParsedCue[]; readonly errors: readonly unknown[] };
  }
}
