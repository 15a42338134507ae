interface Props {
  readonly label: string;
  readonly isDisabled?: boolean;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}

/** A button that shows a sign; what it does is told to whoever rests on it, and read out. */
export function IconButton({ label, isDisabled = false, onClick, children }: Props) {
  return (
    <button
      type="button"
      className="button -ml-px px-1.5"
      aria-label={label}
      title={label}
      disabled={isDisabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
