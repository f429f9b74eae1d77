/** Two short tones, quiet: that somebody has written. A page that was never touched makes no sound (HTML, user activation). */
export function ring(): void {
  if (typeof AudioContext === 'undefined' || !navigator.userActivation?.hasBeenActive) return;
  const context = new AudioContext();
  const volume = context.createGain();
  volume.gain.setValueAtTime(0.06, context.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.0001, context.currentTime + 0.45);
  volume.connect(context.destination);
  for (const [at, pitch] of [
    [0, 660],
    [0.14, 880],
  ] as const) {
    const tone = context.createOscillator();
    tone.frequency.value = pitch;
    tone.connect(volume);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + 0.3);
    if (at > 0)
      tone.onended = () => {
        context.close().catch(() => undefined);
      };
  }
}
