import { Camera } from 'lucide-react';
import { useState } from 'react';
import { MeasurePhoto } from './MeasurePhoto';

/** Takes a figure from a photograph that is looked at once and not kept. */
export function FromPhoto({ label, put }: { label: string; put: (text: string) => void }) {
  const [picture, setPicture] = useState<{ file: File; url: string } | null>(null);
  const open = (file: File | undefined) => {
    if (!file) return;
    const reader = new FileReader();
    reader.onload = () => setPicture({ file, url: reader.result as string });
    reader.readAsDataURL(file);
  };
  return (
    <>
      <label className="btn quiet justify-self-start has-focus-visible:outline-3 has-focus-visible:outline-indigo">
        <Camera size={18} aria-hidden />
        From a photograph
        <input
          type="file"
          className="sr-only"
          accept="image/jpeg,image/png,image/webp"
          onChange={(e) => {
            open(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
      </label>
      {picture && (
        <MeasurePhoto
          picture={picture}
          kinds={[{ name: '', label }]}
          put={(_, text) => put(text)}
          close={() => setPicture(null)}
        />
      )}
    </>
  );
}
