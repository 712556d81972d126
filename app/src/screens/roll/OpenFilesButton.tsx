import { useEffect, useRef } from 'react';
import { Button } from '../../instruments/Button';

interface OpenFilesButtonProps {
  readonly onFiles: (files: readonly File[]) => void;
}

const ACCEPTED = '.dng,.jpg,.jpeg,.png,.tif,.tiff,image/*';

/** Asks the system for files. */
export function OpenFilesButton({ onFiles }: OpenFilesButtonProps) {
  const input = useRef<HTMLInputElement | null>(null);
  const heard = useRef(onFiles);
  useEffect(() => {
    heard.current = onFiles;
  });
  useEffect(() => {
    const element = document.createElement('input');
    element.type = 'file';
    element.multiple = true;
    element.accept = ACCEPTED;
    element.hidden = true;
    element.dataset.testid = 'open-files';
    element.addEventListener('change', () => {
      heard.current([...(element.files ?? [])]);
      // The same file can be chosen again.
      element.value = '';
    });
    document.body.append(element);
    input.current = element;
    return () => element.remove();
  }, []);
  return <Button label="Open files ..." onPress={() => input.current?.click()} />;
}
