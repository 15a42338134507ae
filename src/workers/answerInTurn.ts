/** A reply that tells the question could not be answered. */
interface Failed {
  readonly kind: 'failed';
  readonly number: number;
  readonly message: string;
}

/** All that is to be said of a question is said. */
export interface Ended {
  readonly kind: 'ended';
  readonly number: number;
}

/**
 * Has a worker answer questions one after the other: what is yielded is sent, and a newer question ends the work on the
 * one before between two replies.
 */
export function answerInTurn<Question extends { readonly number: number }, Reply>(
  answer: (question: Question) => Generator<Reply | undefined, void>,
): void {
  let newest = 0;
  self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
    newest = data.number;
    work(data).catch((error: unknown) =>
      postMessage({ kind: 'failed', number: data.number, message: String(error) } satisfies Failed),
    );
  });

  async function work(question: Question): Promise<void> {
    await nextMessage();
    if (question.number !== newest) return;
    for (const reply of answer(question)) {
      if (reply !== undefined) postMessage(reply);
      await nextMessage();
      if (question.number !== newest) return;
    }
    postMessage({ kind: 'ended', number: question.number } satisfies Ended);
  }
}

/** Lets what was asked meanwhile come in. */
const nextMessage = () => new Promise((resolve) => setTimeout(resolve));
