import { useEffect, useRef } from 'react';
import { Button } from './Button';

interface FileButtonProps {
  readonly label: string;
  /** Endings and kinds of files that are offered. */
  readonly accept: string;
  /** Of the input that takes the files. */
  readonly testID: string;
  readonly onFiles: (files: readonly File[]) => void;
}

/** Asks the system for files. */
export function FileButton({ label, accept, testID, onFiles }: FileButtonProps) {
  const input = useRef<HTMLInputElement | null>(null);
  const heard = useRef(onFiles);
  useEffect(() => {
    heard.current = onFiles;
  });
  useEffect(() => {
    const element = document.createElement('input');
    element.type = 'file';
    element.multiple = true;
    element.accept = accept;
    element.hidden = true;
    element.dataset.testid = testID;
    element.addEventListener('change', () => {
      heard.current([...(element.files ?? [])]);
      // The same file can be chosen again.
      element.value = '';
    });
    document.body.append(element);
    input.current = element;
    return () => element.remove();
  }, [accept, testID]);
  return <Button label={label} onPress={() => input.current?.click()} />;
}
