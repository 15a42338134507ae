interface Props {
  readonly keyName: string;
  readonly isOutlined?: boolean;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}

/** A button with the key that does the same. */
export function KeyedButton({ keyName, isOutlined = false, onClick, children }: Props) {
  return (
    <span className="flex items-center gap-1">
      <button
        type="button"
        className={isOutlined ? 'button button-outlined' : 'button'}
        onClick={onClick}
      >
        {children}
      </button>
      <kbd className="key">{keyName}</kbd>
    </span>
  );
}
