interface Props {
  readonly href: string;
  readonly isSaved: boolean;
  /** Saves at once what waits. */
  readonly onFlush: () => Promise<void>;
  readonly children: React.ReactNode;
}

/**
 * A file of the card. It is written from what is saved, so that comes first; what cannot be saved is told in
 * the header, and the file is then the last saved one.
 */
export function DownloadLink({ href, isSaved, onFlush, children }: Props) {
  return (
    <a
      className="link"
      href={href}
      download
      onClick={(event) => {
        if (isSaved) return;
        event.preventDefault();
        const { href: address } = event.currentTarget;
        void onFlush().then(() => location.assign(address));
      }}
    >
      {children}
    </a>
  );
}
