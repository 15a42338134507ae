import { act } from '@testing-library/react';
import { vi } from 'vitest';
import type { StreamReply } from '../../src/workers/streamReply';
import { must } from './must';

/** A worker that tells what the test has it tell. */
export class FakeWorker extends EventTarget {
  /** In the order they were begun. */
  static readonly begun: FakeWorker[] = [];
  readonly asked: object[] = [];
  isEnded = false;

  constructor() {
    super();
    FakeWorker.begun.push(this);
  }

  postMessage(question: object) {
    this.asked.push(question);
  }

  terminate() {
    this.isEnded = true;
  }

  /** Whatever its page understands; nothing once it is ended. */
  answer(reply: object) {
    if (this.isEnded) return;
    act(() => void this.dispatchEvent(new MessageEvent('message', { data: reply })));
  }

  tell<Part>(reply: StreamReply<Part>) {
    this.answer(reply);
  }
}

/** The worker that was begun last. */
export const newestWorker = () => must(FakeWorker.begun.at(-1));

/** Has pages begin fake workers until the test file ends; forgets those of the test before. */
export function useFakeWorkers(): void {
  FakeWorker.begun.length = 0;
  vi.stubGlobal('Worker', FakeWorker);
}
