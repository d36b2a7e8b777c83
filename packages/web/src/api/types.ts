import type { AdaptationJson, Decision, Participant } from '@lotus-steady/core';

export interface Teacher {
  readonly id: number;
  readonly name: string;
  readonly demo: boolean;
}
export interface InstallationState {
  readonly needsTeacher: boolean;
  readonly demo: boolean;
}
export interface PersonSummary {
  readonly id: number;
  readonly name: string;
  readonly conditions: readonly string[];
  readonly decision: Decision;
  readonly updatedAt: string;
}
export interface Person extends Omit<Participant, 'id'> {
  readonly id: number;
  readonly name: string;
  readonly note: string;
  readonly version: number;
  readonly updatedAt: string;
}
export interface SequenceSummary {
  readonly id: number;
  readonly title: string;
  readonly steps: number;
  readonly unknown: number;
  readonly minutes: number | null;
  readonly updatedAt: string;
}
export interface StoredSequence {
  readonly id: number;
  readonly title: string;
  readonly text: string;
  readonly version: number;
  readonly updatedAt: string;
}
export interface StoredPlan {
  readonly id: number;
  readonly sequenceId: number;
  readonly personId: number;
  readonly sequenceVersion: number;
  readonly personVersion: number;
  readonly libraryVersion: string;
  readonly answer: AdaptationJson;
  readonly createdAt: string;
}
