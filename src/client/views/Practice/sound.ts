/** The needle as it is heard: a short knock for each stitch. Made here; nothing is fetched. */
export function needleSound() {
  let audio: AudioContext | null = null;
  return {
    knock() {
      try {
        audio ??= new AudioContext();
        const [source, gain] = [audio.createOscillator(), audio.createGain()];
        source.type = 'triangle';
        source.frequency.value = 140;
        gain.gain.setValueAtTime(0.18, audio.currentTime);
        gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.045);
        source.connect(gain).connect(audio.destination);
        source.start();
        source.stop(audio.currentTime + 0.05);
      } catch {
        // Without sound it is practised as well.
      }
    },
    close() {
      void audio?.close().catch(() => null);
      audio = null;
    },
  };
}
