/** What a worker that is asked one question tells: part after part, and that it is done. */
export type StreamReply<Part> =
  | { readonly kind: 'part'; readonly part: Part }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly message: string };

/** Has a worker answer one question, part by part; it is cancelled by ending the worker. */
export function answerOnce<Question, Part>(
  answer: (question: Question) => AsyncIterable<Part> | Iterable<Part>,
): void {
  const tell = (reply: StreamReply<Part>) => postMessage(reply);
  const work = async (question: Question) => {
    for await (const part of answer(question)) tell({ kind: 'part', part });
    tell({ kind: 'done' });
  };
  self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
    work(data).catch((error: unknown) => tell({ kind: 'failed', message: String(error) }));
  });
}
